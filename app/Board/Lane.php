<?php

declare(strict_types=1);

namespace App\Board;

use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

/** What a lane of the Board stands for, and its ground: what is open, off and taken. */
final readonly class Lane
{
    /**
     * @param  array{id: string, name: string, initials: string, colour: string, pattern: string}|null  $badge theirs
     * @param  Timeline  $taken by what hangs on it, with set-up and clear-up
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?array $badge,
        public Timeline $open,
        public Timeline $taken,
        public Timeline $breaks,
        public Timeline $off,
        public Timeline $busy,
    ) {
    }

    /** Whether there is nothing on it within that time. */
    public function isQuiet(Timeline $span): bool
    {
        return $this->taken->isEmpty() && $this->open->intersect($span)->isEmpty();
    }

    /** @return array<string, mixed> its part of a day; what has passed is not free any more */
    public function on(Timeline $span, int $now): array
    {
        $open = $this->open->intersect($span);
        $left = $open->subtract($this->taken);
        $free = $left
            ->intersect(Timeline::between($now, PHP_INT_MAX))
            ->subtract($this->off)
            ->subtract($this->busy);

        return [
            'id' => $this->id,
            'name' => $this->name,
            'badge' => $this->badge,
            'open' => self::written($open),
            'breaks' => self::written($this->breaks->intersect($span)),
            'off' => self::written($this->off->intersect($span)),
            'busy' => self::written($this->busy->intersect($span)),
            'openMinutes' => $open->minutes(),
            'takenMinutes' => $open->minutes() - $left->minutes(),
            'freeMinutes' => $free->minutes(),
        ];
    }

    /** @return list<array{from: string, to: string}> */
    private static function written(Timeline $timeline): array
    {
        return array_map(
            static fn (array $stretch): array => [
                'from' => Wall::writeInstant($stretch[0]),
                'to' => Wall::writeInstant($stretch[1]),
            ],
            $timeline->stretches(),
        );
    }
}
