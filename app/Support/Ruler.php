<?php

declare(strict_types=1);

namespace App\Support;

use YardBell\Core\Time\Timeline;

/** The whole hours that days are drawn on, in minutes since midnight. */
final readonly class Ruler
{
    private const HOUR = 60;

    private function __construct(public int $from, public int $to)
    {
    }

    /** @param  list<int>  $edges where what is drawn begins and ends; none: the hours given */
    public static function around(array $edges, int $from = 9 * self::HOUR, int $to = 18 * self::HOUR): self
    {
        return $edges === []
            ? new self($from, $to)
            : new self(intdiv(min($edges), self::HOUR) * self::HOUR, (int) ceil(max($edges) / self::HOUR) * self::HOUR);
    }

    /** @return list<int> where each of its hours begins, and where it ends */
    public function hours(): array
    {
        return range($this->from, $this->to, self::HOUR);
    }

    /** @return array{from: int, to: int} */
    public function toArray(): array
    {
        return ['from' => $this->from, 'to' => $this->to];
    }

    /**
     * @param  int  $midnight instant
     * @return list<int> minutes since midnight
     */
    public static function edges(Timeline $timeline, int $midnight): array
    {
        return array_map(static fn (int $edge): int => $edge - $midnight, array_merge(...$timeline->stretches()));
    }
}
