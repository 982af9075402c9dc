<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Facts\BookingFacts;
use App\Gate\LinkedBooking;
use App\Messages\CalendarFile;
use App\Messages\CalendarMethod;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class DownloadCalendar
{
    public function __construct(
        private LinkedBooking $linked,
        private CalendarFile $calendar,
    ) {
    }

    public function __invoke(Request $request, string $id): Response
    {

        return new Response(
            $this->calendar->with(CalendarMethod::Publish, BookingFacts::of($this->linked->find($request, $id))),
            200,
            [
                'Content-Type' => 'text/calendar; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="booking.ics"',
            ],
        );
    }
}
