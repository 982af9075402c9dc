<?php

declare(strict_types=1);

namespace App\Sales;

use App\Models\Booking;
use App\Models\Lock;
use App\Models\Sale;
use App\Support\Clock;
use Carbon\CarbonImmutable;

/** The sale a booking belongs to, begun where there is none yet. Within a transaction that has locked the booking. */
final readonly class OpenSale
{
    public function __construct(private Clock $clock)
    {
    }

    public function __invoke(Booking $booking, ?CarbonImmutable $at = null): Sale
    {
        $whose = ['client_id' => $booking->client_id, 'name' => $booking->contact['name'] ?? ''];
        if ($booking->sale_id !== null) {
            $sale = Lock::on(Sale::query()->whereKey($booking->sale_id))->firstOrFail();
            if ($sale->lines()->doesntExist()) {
                $sale->update($whose); // asked for again, perhaps by somebody else
            }

            return $sale;
        }
        $sale = new Sale([
            ...$whose,
            'business_id' => $booking->business_id,
            'currency' => $booking->currency,
        ]);
        $sale->setCreatedAt($at ?? $this->clock->now());
        $sale->save();
        $booking->sale_id = $sale->id;
        $booking->save();

        return $sale;
    }
}
