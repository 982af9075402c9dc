<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Board\BookingCard;
use App\Board\OwnVisit;
use App\Bookings\History;
use App\Http\Asker;
use App\Language\Sentence;
use App\Models\Booking;
use App\Models\Lock;
use App\Models\VisitNote;
use App\Support\Clock;
use App\Support\Given;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Notes something about a visit, for staff alone. */
final readonly class AddNote
{
    /** The same note within so many minutes was sent again, since its answer was lost. */
    private const SAME_MINUTES = 10;

    public function __construct(
        private ConnectionInterface $db,
        private History $history,
        private BookingCard $card,
        private Clock $clock,
    ) {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $access = Asker::access($request);
        $booking = OwnVisit::of($business, $access, $id);
        $given = Given::in($request->validate(
            ['text' => 'required|string|max:2000'],
            ['text.required' => 'wrong.note.empty', 'text.max' => 'wrong.plain.too_long?max=:max'],
        ));
        $note = [
            'business_id' => $business->id,
            'booking_id' => $booking->id,
            'text' => $given->text('text'),
            'by' => $access->user->name,
        ];
        $this->db->transaction(function () use ($booking, $note): void {
            $own = Booking::query()->where('business_id', $booking->business_id)->whereKey($booking->id);
            Lock::on($own)->firstOrFail();
            $since = $this->clock->now()->subMinutes(self::SAME_MINUTES);
            if (VisitNote::query()->where($note)->where('at', '>', $since)->doesntExist()) {
                VisitNote::query()->create($note + ['at' => $this->clock->now()]);
                $this->history->changed($booking, $note['by'], (new Sentence('history.noted'))->text());
            }
        });

        return new JsonResponse($this->card->of($booking));
    }
}
