<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** What a change of the rules does. */
final readonly class Effect
{
    /**
     * @param  list<Change>  $opens starts that were not offered before
     * @param  list<Change>  $closes starts that no longer are
     * @param  GroundChange  $ground open time of those concerned
     */
    public function __construct(public array $opens, public array $closes, public GroundChange $ground)
    {
    }
}
