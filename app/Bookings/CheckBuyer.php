<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Language\Sentence;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Support\Refusal;
use Illuminate\Validation\ValidationException;

/** What a price depends on besides the visit: who books it, and their codes. Within the transaction that books. */
final readonly class CheckBuyer
{
    public function __construct(private UseCodes $codes, private BookingQuote $quote)
    {
    }

    /**
     * @throws Refusal that says which code is not for them
     * @throws ValidationException where it was held at the prices of somebody else
     */
    public function ofClient(Business $business, Booking $booking, Client $client): void
    {
        $this->codes->check($business, $booking, $client);
        $this->quote->checkWhose($business, $booking, $client);
    }

    /**
     * Its codes alone, once it is known who that is.
     *
     * @param  non-empty-list<Booking>  $parts
     *
     * @throws Refusal
     */
    public function ofCodes(Business $business, array $parts): void
    {
        foreach ($parts as $part) {
            $client = $part->client()->first() ?? throw new Refusal(new Sentence('refusal.held.gone'), 409, 'not_held');
            $this->codes->check($business, $part, $client);
        }
    }
}
