<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Facts\VisitParts;
use App\Facts\WholeVisit;
use App\Gate\LinkedBooking;
use App\Messages\CalendarFile;
use App\Messages\CalendarMethod;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A booking, or all of a visit that is not over, for the client's own calendar: to be taken over, or followed. */
final readonly class DownloadCalendar
{
    public function __construct(
        private LinkedBooking $linked,
        private CalendarFile $calendar,
    ) {
    }

    public function __invoke(Request $request, string $id): Response
    {

        $booking = $this->linked->find($request, $id);
        $parts = WholeVisit::standing(VisitParts::of($booking) ?: [$booking]);

        return new Response(
            $this->calendar->with(CalendarMethod::Publish, ...$parts),
            200,
            [
                'Content-Type' => 'text/calendar; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="booking.ics"',
            ],
        );
    }
}
