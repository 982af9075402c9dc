<?php

declare(strict_types=1);

namespace App\Gate\Http;

use App\Bookings\ChangeDetails;
use App\Gate\ClientBooking;
use App\Gate\LinkedBooking;
use App\Gate\Questions;
use App\Support\Given;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The client tells something else than they did when booking: answers, or the note. */
final readonly class ChangeDetailsByLink
{
    public function __construct(
        private ChangeDetails $change,
        private ClientBooking $shape,
        private LinkedBooking $linked,
    ) {
    }

    public function __invoke(Request $request, string $id): JsonResponse
    {
        $booking = $this->linked->find($request, $id);
        $given = Given::in($request->validate(
            ['note' => 'nullable|string|max:1000', 'answers' => 'nullable|array|max:200'],
            ['max' => 'wrong.plain.too_long?max=:max'],
        ));
        $answers = Questions::ofVisit($booking->business, $booking, $request->array('answers'));

        return new JsonResponse(
            $this->shape->of(($this->change)($booking->business_id, $id, trim($given->text('note')), $answers)),
        );
    }
}
