<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** When somebody, or some together, can be had at one place. */
final readonly class Offered
{
    /**
     * @param  list<string>  $staff
     * @param  array<int, mixed>  $starts by instant
     */
    public function __construct(public array $staff, public ?string $location, public array $starts)
    {
    }
}
