<?php

declare(strict_types=1);

namespace App\Scenario;

use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\Effect;

/** What a document does to the next four weeks, in place of what a business has set up. */
final readonly class Replacement
{
    /** @param  list<Booking>  $stranded that no longer lie in open time, or whose people or units are away */
    public function __construct(public Effect $effect, public array $stranded)
    {
    }
}
