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
        return self::ofEach([$booking], $business)[$booking->id] ?? null;
    }

    /**
     * @param  iterable<Booking>  $bookings of this business
     * @return array<string, CarbonImmutable> by booking, those that wait for an answer
     */
    public static function ofEach(iterable $bookings, Business $business): array
    {
        $waiting = [];
        foreach ($bookings as $booking) {
            if ($booking->state === State::Pending) {
                $waiting[$booking->id] = $booking;
            }
        }
        $asked = self::asked($waiting, $business);

        return array_map(
            static fn (Booking $one): CarbonImmutable => self::until($one, $business, $asked[$one->id]),
            $waiting,
        );
    }

    /** When three quarters of the time for an answer are over; null: it waits for none. */
    public static function almostOver(Booking $booking, Business $business): ?CarbonImmutable
    {
        if ($booking->state !== State::Pending) {
            return null;
        }
        $asked = self::asked([$booking->id => $booking], $business)[$booking->id];
        $minutes = $asked->diffInMinutes(self::until($booking, $business, $asked));

        return $asked->addMinutes((int) ($minutes * 3 / 4));
    }

    private static function until(Booking $booking, Business $business, CarbonImmutable $asked): CarbonImmutable
    {
        return $asked->addMinutes($business->answer_minutes)->min($booking->starts_at);
    }

    /**
     * Since when each of them waits: it may have been booked between.
     *
     * @param  array<string, Booking>  $waiting by id
     * @return array<string, CarbonImmutable> by booking
     */
    private static function asked(array $waiting, Business $business): array
    {
        $asked = [];
        $changes = $waiting === [] ? [] : BookingChange::query()
            ->where('business_id', $business->id)
            ->whereIn('booking_id', array_keys($waiting))
            ->orderBy('id')
            ->get(['booking_id', 'state', 'at']);
        foreach ($changes as $change) {
            if ($change->state === State::Pending->value) {
                $asked[$change->booking_id] ??= $change->at;
            } else {
                unset($asked[$change->booking_id]);
            }
        }

        return $asked + array_map(static fn (Booking $one): CarbonImmutable => $one->created_at, $waiting);
    }
}
