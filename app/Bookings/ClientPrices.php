<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Facts\VisitParts;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Database\Eloquent\Builder;
use YardBell\Core\Price\Client;
use YardBell\Core\Price\KnownBooking;
use YardBell\Core\Price\Order;
use YardBell\Core\Price\PriceList;

/** Who a visit is for, as far as prices ask (rules.md P1, P5): what is theirs alone, and how often they come. */
final readonly class ClientPrices
{
    public function __construct(private Clock $clock)
    {
    }

    /**
     * An order of today.
     *
     * @param  string|null  $client null: nobody is known yet
     * @param  Booking|null  $booking that is quoted; null: none is held yet
     * @param  list<string>  $codes as they were typed
     * @param  array<string, int>  $codesUsed what others of the order have taken, by code
     */
    public function order(
        Business $business,
        PriceList $list,
        ?string $client,
        ?Booking $booking = null,
        array $codes = [],
        array $codesUsed = [],
    ): Order {
        $others = $booking === null ? [] : VisitParts::othersNotOver($booking);
        $order = [...$booking === null ? [] : [$booking], ...$others];
        $ids = array_map(static fn (Booking $one): string => $one->id, $order);
        $who = $client === null
            ? null
            : new Client($client, $list->clientRates[$client] ?? [], $this->visits($business, $client, $ids));

        return new Order(
            client: $who,
            day: $business->zone()->day($this->clock->minute()),
            codes: $codes,
            others: array_map(self::visit(...), $others),
            codesUsed: $codesUsed,
        );
    }

    private static function visit(Booking $booking): KnownBooking
    {
        return new KnownBooking($booking->service_id, Instants::minute($booking->starts_at));
    }

    /**
     * @param  list<string>  $but ids of what is quoted
     * @return list<KnownBooking> others of the client that hold time, or are held for them just now
     */
    private function visits(Business $business, string $client, array $but): array
    {
        $visits = [];
        $theirs = Booking::query()
            ->where('business_id', $business->id)
            ->where(static fn (Builder $query) => $query
                ->where('client_id', $client)
                ->orWhere('priced_for', $client))
            ->whereNotIn('id', $but)
            ->get(['service_id', 'starts_at', 'state', 'held_until']);
        foreach ($theirs as $other) {
            $until = $other->held_until === null ? null : Instants::minute($other->held_until);
            if ($other->state->holdsTime($until, $this->clock->minute())) {
                $visits[] = self::visit($other);
            }
        }

        return $visits;
    }
}
