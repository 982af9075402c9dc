<?php

declare(strict_types=1);

namespace App\Support;

use Carbon\CarbonImmutable;

/** What time it is for this installation: the machine's, and in a demonstration as far ahead as its clock was put. */
final class Clock
{
    private ?int $minutesAhead = null;

    /**
     * @param  string|null  $file where a demonstration keeps by how many minutes its clock was put forward; null: it is
     *   none
     */
    public function __construct(private readonly ?string $file)
    {
    }

    public function now(): CarbonImmutable
    {
        return $this->machine()->addMinutes($this->minutesAhead());
    }

    /**
     * What this machine's own clock says, however far a demonstration's was put: for leases, and for waits between
     * tries.
     */
    public function machine(): CarbonImmutable
    {
        return CarbonImmutable::now('UTC');
    }

    /** Now as an instant of the core: whole minutes, rounded down (rules.md T1). */
    public function minute(): int
    {
        return intdiv($this->now()->getTimestamp(), 60);
    }

    public function minutesAhead(): int
    {
        return $this->minutesAhead ??=
            $this->file !== null && is_file($this->file) ? (int) file_get_contents($this->file) : 0;
    }

    public function putForward(int $minutes): void
    {
        if ($this->file !== null) {
            $ahead = max(0, $this->minutesAhead() + $minutes);
            file_put_contents("{$this->file}.new", (string) $ahead);
            rename("{$this->file}.new", $this->file);
        }
        $this->forget();
    }

    /** A worker asks again each round: somebody may have put the clock forward. */
    public function forget(): void
    {
        $this->minutesAhead = null;
    }
}
