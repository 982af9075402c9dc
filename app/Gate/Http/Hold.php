<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\HoldTime;
use App\Bookings\HoldVisit;
use App\Bookings\Visitor;
use App\Gate\ClientBooking;
use App\Gate\KnownClient;
use App\Gate\Published;
use App\Gate\ReadChoice;
use App\Language\Sentence;
use App\Models\Service;
use App\Support\CoreSentence;
use App\Support\Refusal;
use App\Times\Wish;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

/** Keeps a time while the client fills in the rest. */
final readonly class Hold
{
    public function __construct(
        private Published $published,
        private HoldTime $hold,
        private HoldVisit $visit,
        private ClientBooking $shape,
        private ReadChoice $read,
        private KnownClient $known,
    ) {
    }

    public function __invoke(Request $request, string $slug): JsonResponse
    {
        $business = $this->published->page($slug);
        $request->validate([
            'service' => 'required|string|max:26',
            'start' => 'required|string|max:20',
            'known' => 'nullable|string|max:300',
        ]);
        $service = Service::of($business->id, $request->string('service')->value());
        if ($service?->isOffered() !== true) {
            throw new Refusal(new Sentence('refusal.held.service_gone'), 404, 'gone');
        }
        try {
            $start = Wall::instant($request->string('start')->value());
        } catch (InvalidTime $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }

        $visitor = $this->known->visitor($request->string('known')->value(), $business) ??
            Visitor::from((string) $request->ip(), config()->string('app.key'));
        $choice = ($this->read)($request, $business, $service->id);
        $visit = $this->read->visit($request, $business, $choice);
        $held = $visit === null
            ? ($this->hold)($business, new Wish($choice, $start), $visitor)
            : ($this->visit)($business, $visit, $start, $visitor);

        return new JsonResponse($this->shape->of($held), 201);
    }
}
