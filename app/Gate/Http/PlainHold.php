<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\HoldTime;
use App\Bookings\HoldVisit;
use App\Bookings\Visitor;
use App\Gate\GateLink;
use App\Gate\GatePage;
use App\Gate\KnownClient;
use App\Gate\Published;
use App\Http\Refusals;
use App\Support\ClientLink;
use App\Support\Given;
use App\Support\Refusal;
use App\Times\Wish;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Keeps the time that the address names, by a plain form. */
final readonly class PlainHold
{
    public function __construct(
        private Published $published,
        private GateLink $linked,
        private GatePage $page,
        private HoldTime $hold,
        private HoldVisit $visit,
        private KnownClient $known,
        private ClientLink $links,
        private ShowGate $gate,
    ) {
    }

    public function __invoke(Request $request, string $slug): RedirectResponse|Response
    {
        $business = $this->published->page($slug);
        $start = GateLink::start($request);
        $service = $request->query('service');
        $offered = is_string($service) ? Given::in($this->page->of($business, $service))->each('services') : [];
        $ids = array_map(static fn (Given $one): string => $one->string('id'), $offered);
        if ($start === null || ! is_string($service) || ! in_array($service, $ids, true)) {
            throw new NotFoundHttpException();
        }
        $choice = $this->linked->choice($request, $business, $offered, $service);
        $visit = $this->linked->visit($request, $business, $offered, $choice);
        $visitor = $this->known->visitor(KnownClient::link($request), $business) ??
            Visitor::from((string) $request->ip(), config()->string('app.key'));
        try {
            $held = $visit === null
                ? ($this->hold)($business, new Wish($choice, $start), $visitor)
                : ($this->visit)($business, $visit, $start, $visitor);
        } catch (Refusal $refused) {
            return new Response($this->gate->page($request, $slug, Refusals::said($refused)), $refused->status);
        }

        return new RedirectResponse($this->links->to($held), 303);
    }
}
