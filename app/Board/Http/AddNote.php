<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Board\OwnVisit;
use App\Bookings\History;
use App\Http\Asker;
use App\Language\Sentence;
use App\Models\VisitNote;
use App\Support\Clock;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Notes something about a visit, for staff alone. */
final readonly class AddNote
{
    public function __construct(private History $history, private BookingCard $card, private Clock $clock)
    {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $booking = OwnVisit::of($business, $access, $id);
        $given = Given::in($request->validate(
            ['text' => 'required|string|max:2000'],
            ['text.required' => 'wrong.note.empty', 'text.max' => 'wrong.plain.most_characters_fit?max=:max'],
        ));
        VisitNote::query()->create([
            'business_id' => $business->id,
            'booking_id' => $booking->id,
            'text' => $given->text('text'),
            'by' => $access->user->name,
            'at' => $this->clock->now(),
        ]);
        $this->history->changed($booking, $access->user->name, (new Sentence('history.noted'))->text());

        return new JsonResponse($this->card->of($booking));
    }
}
