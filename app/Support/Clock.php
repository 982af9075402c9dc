<?php

declare(strict_types=1);

namespace App\Support;

use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;

/** What time it is for this installation: the machine's, and in a demonstration as far ahead as its clock was put. */
final class Clock
{
    private ?int $minutesAhead = null;

    public function __construct(private readonly ConnectionInterface $db, private readonly bool $demonstration)
    {
    }

    public function now(): CarbonImmutable
    {
        return CarbonImmutable::now('UTC')->addMinutes($this->minutesAhead());
    }

    /** Now as an instant of the core: whole minutes, rounded down (rules.md T1). */
    public function minute(): int
    {
        return intdiv($this->now()->getTimestamp(), 60);
    }

    public function minutesAhead(): int
    {
        if (! $this->demonstration) {
            return 0;
        }

        return $this->minutesAhead ??= (int) ($this->db->table('demonstration_clock')->where('id', 1)->value('minutes_ahead') ?? 0);
    }

    public function putForward(int $minutes): void
    {
        $this->db->table('demonstration_clock')->updateOrInsert(['id' => 1], ['minutes_ahead' => max(0, $this->minutesAhead() + $minutes)]);
        $this->forget();
    }

    /** A worker asks again each round: somebody may have put the clock forward. */
    public function forget(): void
    {
        $this->minutesAhead = null;
    }
}
