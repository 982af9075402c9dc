<?php

declare(strict_types=1);

namespace App\Board;

/** What somebody drew on a lane, and what they mean by it. */
final readonly class Drawn
{
    /**
     * @param  non-empty-list<string>  $staff
     * @param  int  $day day number of the first date
     * @param  int  $from minute of the day
     * @param  int  $to minute of the day, after it
     * @param  int|null  $weeks on so many dates, a week apart; null: every week from now on, as the person's own hours
     */
    public function __construct(
        public DrawnWay $way,
        public array $staff,
        public int $day,
        public int $from,
        public int $to,
        public ?int $weeks,
        public string $name,
    ) {
    }
}
