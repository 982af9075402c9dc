<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** What was found for services that are alike in all that their times depend on: looked for once, by who and where. */
final class FoundOnce
{
    /** @var array<string, CrewStarts> by what the times depend on */
    private array $starts = [];

    /** @var array<string, Offered> by what they depend on, who and where */
    private array $offered = [];

    /**
     * @param  string|null  $like what the times depend on (Service::timesLike()); null: on more than that
     * @param  callable(): CrewStarts  $begin
     */
    public function starts(?string $like, callable $begin): CrewStarts
    {
        return $like === null ? $begin() : $this->starts[$like] ??= $begin();
    }

    /**
     * @param  string|null  $like as above, and where it is looked for
     * @param  string  $crew who and where
     * @param  callable(): Offered  $find
     */
    public function offered(?string $like, string $crew, callable $find): Offered
    {
        return $like === null ? $find() : $this->offered["{$like} {$crew}"] ??= $find();
    }
}
