<?php

declare(strict_types=1);

namespace App\Bookings;

/** How it is taken back that a booking was cancelled or missed. */
final readonly class Restoring
{
    /**
     * @param  bool  $refundsCharge what the kept card was charged goes back to it, and does not pay for the visit
     * @param  bool  $told whether the client is mailed; staff are
     * @param  string|null  $seen what it does to the money, as it was shown (MoneyEffect::seal); null: it was not
     * @param  bool  $together all that was cancelled with it in one press
     */
    public function __construct(
        public string $by,
        public bool $refundsCharge = false,
        public bool $told = true,
        public ?string $seen = null,
        public bool $together = false,
    ) {
    }
}
