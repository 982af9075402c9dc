<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Database\Eloquent\Builder;
use YardBell\Core\Price\Client;
use YardBell\Core\Price\ClientVisit;
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
     * @param  string|null  $booking that is quoted: it is none of their other visits
     * @param  list<string>  $codes as they were typed
     */
    public function order(
        Business $business,
        PriceList $list,
        ?string $client,
        ?string $booking = null,
        array $codes = [],
    ): Order {
        $who = $client === null
            ? null
            : new Client($client, $list->clientRates[$client] ?? [], $this->visits($business, $client, $booking));

        return new Order($who, $business->zone()->day($this->clock->minute()), $codes);
    }

    /** @return list<ClientVisit> others of the client that hold time, or are held for them just now */
    private function visits(Business $business, string $client, ?string $booking): array
    {
        $visits = [];
        $theirs = Booking::query()
            ->where('business_id', $business->id)
            ->where(static fn (Builder $query) => $query
                ->where('client_id', $client)
                ->orWhere('priced_for', $client))
            ->where('id', '<>', $booking ?? '')
            ->get(['service_id', 'starts_at', 'state', 'held_until']);
        foreach ($theirs as $other) {
            $until = $other->held_until === null ? null : Instants::minute($other->held_until);
            if ($other->state->holdsTime($until, $this->clock->minute())) {
                $visits[] = new ClientVisit($other->service_id, Instants::minute($other->starts_at));
            }
        }

        return $visits;
    }
}
