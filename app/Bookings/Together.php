<?php

declare(strict_types=1);

namespace App\Bookings;

/** What bookings that are made together are to one another. */
enum Together: string
{
    /** The dates of a repeat (rules.md T23). */
    case Repeat = 'repeat_id';

    /** The parts of a visit (rules.md T20): one sale. */
    case Visit = 'visit_id';

    /** The column of the id that they share. */
    public function column(): string
    {
        return $this->value;
    }
}
