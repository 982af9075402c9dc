<?php

declare(strict_types=1);

namespace App\Payments;

/** What goes back of what was paid. */
final readonly class Returning
{
    /**
     * @param  int  $amount minor unit
     * @param  bool  $staysOwed it is to be paid again, in another way; else it is owed no more
     * @param  bool  $asCredit it becomes the client's account credit, however it came
     * @param  string|null  $booking for which it goes back, where one is given up
     */
    public function __construct(
        public int $amount,
        public string $why = '',
        public bool $staysOwed = false,
        public ?string $booking = null,
        public bool $asCredit = false,
    ) {
    }
}
