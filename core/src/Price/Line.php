<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** One line of a quote: what for, and how much in the minor unit. */
final readonly class Line
{
    /**
     * @param  int  $amount below zero where it takes something off
     * @param  string|null  $id of the add-on, surcharge, code or tax rate
     * @param  int|null  $quantity of the add-on
     * @param  int|null  $net what reductions left of it; null: a reduction or a tax
     * @param  int|null  $taxed index of the line that a tax is on
     */
    public function __construct(
        public LineKind $kind,
        public string $label,
        public int $amount,
        public ?string $id = null,
        public ?int $quantity = null,
        public ?int $net = null,
        public ?int $taxed = null,
    ) {
    }

    public function withNet(int $net): self
    {
        return new self(
            kind: $this->kind,
            label: $this->label,
            amount: $this->amount,
            id: $this->id,
            quantity: $this->quantity,
            net: $net,
            taxed: $this->taxed,
        );
    }
}
