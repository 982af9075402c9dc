<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\AskedToPay;
use App\Models\Booking;
use Illuminate\Database\Query\Builder;

/** Bookings whose price was left open (rules.md P1: "from …", or on request), and is not settled yet. */
final class OpenPrices
{
    private const STANDING = ['pending', 'confirmed', 'arrived', 'started', 'completed'];

    public static function isOpen(Booking $booking): bool
    {
        return $booking->payment === AskedToPay::PriceOpen && in_array($booking->state->value, self::STANDING, true);
    }

    /** Those of a sale that is joined. */
    public static function ofSale(Builder $query): Builder
    {
        return self::open($query)
            ->whereColumn('bookings.business_id', 'sales.business_id')
            ->whereColumn('bookings.sale_id', 'sales.id');
    }

    /** All of a business. */
    public static function of(Builder $query, int $business): Builder
    {
        return self::open($query)->where('bookings.business_id', $business);
    }

    private static function open(Builder $query): Builder
    {
        return $query
            ->from('bookings')
            ->where('bookings.payment', AskedToPay::PriceOpen)
            ->whereIn('bookings.state', self::STANDING);
    }
}
