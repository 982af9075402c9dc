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
     */
    public function __construct(
        public bool $notice = false,
        public bool $limits = false,
        public bool $dayparts = false,
        public bool $anyTime = false,
    ) {
    }

    /** All that may be left out. */
    public static function wholly(): self
    {
        return new self(notice: true, limits: true, dayparts: true, anyTime: true);
    }
}
