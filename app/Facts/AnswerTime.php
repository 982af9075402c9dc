<?php

declare(strict_types=1);

namespace App\Facts;

use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\Business;
use Carbon\CarbonImmutable;
use YardBell\Core\Booking\State;

/** Until when somebody who has only asked for a time is answered: as the business has it, and before it begins. */
final class AnswerTime
{
    /** Minutes: a day. */
    public const USUAL = 1440;

    /** Null: it waits for no answer. */
    public static function of(Booking $booking, Business $business): ?CarbonImmutable
    {
        return $booking->state === State::Pending ? self::until($booking, $business, self::asked($booking)) : null;
    }

    /** When three quarters of the time for an answer are over; null: it waits for none. */
    public static function almostOver(Booking $booking, Business $business): ?CarbonImmutable
    {
        if ($booking->state !== State::Pending) {
            return null;
        }
        $asked = self::asked($booking);
        $minutes = $asked->diffInMinutes(self::until($booking, $business, $asked));

        return $asked->addMinutes((int) ($minutes * 3 / 4));
    }

    private static function until(Booking $booking, Business $business, CarbonImmutable $asked): CarbonImmutable
    {
        return $asked->addMinutes($business->answer_minutes)->min($booking->starts_at);
    }

    private static function asked(Booking $booking): CarbonImmutable
    {
        $changes = BookingChange::query()
            ->where('business_id', $booking->business_id)
            ->where('booking_id', $booking->id);
        $before = (clone $changes)->where('state', '<>', State::Pending)->max('id'); // it may have been booked between
        $asked = $changes->where('id', '>', is_int($before) ? $before : 0)->oldest('id')->value('at');

        return $asked instanceof CarbonImmutable ? $asked : $booking->created_at;
    }
}
