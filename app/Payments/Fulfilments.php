<?php

declare(strict_types=1);

namespace App\Payments;

use App\Models\Payment;
use App\Models\Sale;
use Illuminate\Contracts\Container\Container;
use LogicException;

/** What a sale is paid for, whatever kinds of things are on it. */
final readonly class Fulfilments
{
    /** @param  list<class-string<Fulfilment>>  $kinds in the order in which all lock them */
    public function __construct(private Container $container, private array $kinds)
    {
    }

    /** Before the sale is locked; within the transaction. */
    public function lock(string $saleId): void
    {
        foreach ($this->each() as $one) {
            $one->lock($saleId);
        }
    }

    /** @return bool whether anything waited for this money */
    public function paid(Sale $sale, Payment $payment): bool
    {
        $waiting = array_filter(
            $this->askedFor($sale),
            static fn (Fulfilment $one): bool => $sale->lines()->where('kind', $one->kind())->doesntExist(),
        );
        foreach ($waiting as $one) {
            $one->paid($sale, $payment);
        }

        return $waiting !== [];
    }

    /** What the processor's page says is paid for. */
    public function names(Sale $sale): string
    {
        $names = array_map(static fn (Fulfilment $one): array => $one->names($sale), $this->askedFor($sale));

        return implode(', ', array_merge(...$names));
    }

    /** Where the processor's page leads back to. */
    public function page(Sale $sale): string
    {
        $first = $this->askedFor($sale)[0] ?? throw new LogicException('Nothing of this sale is paid for online.');

        return $first->page($sale);
    }

    /** @return list<Fulfilment> */
    private function askedFor(Sale $sale): array
    {
        return array_values(
            array_filter($this->each(), static fn (Fulfilment $one): bool => $one->isAskedFor($sale)),
        );
    }

    /** @return list<Fulfilment> */
    private function each(): array
    {
        return array_map(fn (string $kind): Fulfilment => $this->container->make($kind), $this->kinds);
    }
}
