<?php

declare(strict_types=1);

namespace App\Roster;

use App\Support\Refusal;

/** Whoever opens rooms to meet in online. */
interface MeetingProvider
{
    /**
     * @param  string  $key makes a second asking harmless: the same room again
     * @return string the link that leads into the room
     *
     * @throws Refusal where nobody answers
     */
    public function room(string $key, string $name): string;
}
