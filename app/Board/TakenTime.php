<?php

declare(strict_types=1);

namespace App\Board;

/** What a booking or a session takes of its people, as the ribbon counts it. */
final readonly class TakenTime
{
    /** @param  list<string>  $staff none: a seat in a session, which takes nobody by itself */
    public function __construct(public array $staff, public int $start, public int $minutes, public bool $isBooking)
    {
    }
}
