<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Hours;

final readonly class Location
{
    /** @param  Hours|null  $hours null: no limit of its own (T4) */
    public function __construct(public string $id, public string $name, public ?Hours $hours = null)
    {
    }
}
