<?php

declare(strict_types=1);

namespace App\Processor;

/** One attempt to be paid, as the processor tells it. */
final readonly class Checkout
{
    /**
     * @param  string  $state open, processing, paid, kept (a card, for a charge to come) or failed
     * @param  string  $dispute open, won or lost; empty: none
     */
    public function __construct(
        public string $id,
        public string $state,
        public string $page,
        public string $dispute = '',
    ) {
    }
}
