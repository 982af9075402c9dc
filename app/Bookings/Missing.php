<?php

declare(strict_types=1);

namespace App\Bookings;

/** How it is said that a client did not come. */
final readonly class Missing
{
    /**
     * @param  string  $waived why the fee is not asked for; empty: it is
     * @param  bool  $told whether the client is told of a fee, or of money that goes back
     * @param  string|null  $seen what it does to the money, as it was shown (MoneyEffect::seal); null: it was not
     */
    public function __construct(
        public string $by,
        public string $waived = '',
        public bool $told = true,
        public ?string $seen = null,
    ) {
    }
}
