<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\PaymentMethod;

/** What somebody at the desk takes for a sale (rules.md L2). Amounts in the minor unit. */
final readonly class DeskPayment
{
    /**
     * @param  int  $tip beside the amount
     * @param  int|null  $given in cash; null: just what it comes to
     * @param  bool  $keepsRest what is given beyond it is kept for the client, not handed back
     */
    public function __construct(
        public PaymentMethod $method,
        public int $amount,
        public int $tip = 0,
        public ?int $given = null,
        public bool $keepsRest = false,
    ) {
    }

    public function whole(): int
    {
        return $this->amount + $this->tip;
    }

    /** What was given beyond what it comes to. */
    public function change(): int
    {
        return $this->method === PaymentMethod::Cash ? ($this->given ?? $this->whole()) - $this->whole() : 0;
    }
}
