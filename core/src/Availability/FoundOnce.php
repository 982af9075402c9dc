<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** What was found for services that are alike in all that their times depend on: looked for once, by who and where. */
final class FoundOnce
{
    /** @var array<string, array<int, array{0: list<string>, 1: int, 2: bool, 3?: bool}>> */
    private array $known = [];

    /**
     * @param  string|null  $like what the times depend on (Service::timesLike()); null: on more than that
     * @param  callable(): array<int, array{0: list<string>, 1: int, 2: bool, 3?: bool}>  $find
     * @return array<int, array{0: list<string>, 1: int, 2: bool, 3?: bool}> what is offered by start
     */
    public function by(?string $like, string $crew, callable $find): array
    {
        return $like === null ? $find() : $this->known["{$like} {$crew}"] ??= $find();
    }
}
