<?php

declare(strict_types=1);

namespace App\Processor;

use Carbon\CarbonImmutable;

/** Money that the processor has sent to the bank, as it tells of it. */
final readonly class ProcessorPayout
{
    /**
     * @param  list<array{checkout: string, amount: int, fee: int}>  $items minor unit; below zero what went back
     */
    public function __construct(public string $id, public CarbonImmutable $at, public array $items)
    {
    }
}
