<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

/** T18: which rules the owner's own search leaves out. Never T6–T9. */
final readonly class Relaxed
{
    /**
     * @param  bool  $notice T11
     * @param  bool  $limits T12
     * @param  bool  $dayparts the dayparts of T5
     * @param  bool  $anyTime T4, T5 and T10
     * @param  bool  $grid T10 alone: of a visit's later parts (T20)
     * @param  bool  $gaps T21's `only`, which is not asked either where anything else is left out
     */
    public function __construct(
        public bool $notice = false,
        public bool $limits = false,
        public bool $dayparts = false,
        public bool $anyTime = false,
        public bool $grid = false,
        public bool $gaps = false,
    ) {
    }

    /** The same, and more. */
    public function and(bool $grid = false, bool $gaps = false): self
    {
        return new self(
            notice: $this->notice,
            limits: $this->limits,
            dayparts: $this->dayparts,
            anyTime: $this->anyTime,
            grid: $grid || $this->grid,
            gaps: $gaps || $this->gaps,
        );
    }

    public function isAny(): bool
    {
        return $this != new self();
    }

    /** All that may be left out. */
    public static function wholly(): self
    {
        return new self(notice: true, limits: true, dayparts: true, anyTime: true);
    }
}
