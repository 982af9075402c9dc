<?php

declare(strict_types=1);

namespace App\Limits;

/** How often something was tried or sent within a time, by name. Whatever is limited by counting is counted here. */
interface Counts
{
    /**
     * One more, within a time that began with the first of it.
     *
     * @return int how many there are by now
     */
    public function add(string $what, int $seconds): int;

    /** How many there are. */
    public function of(string $what): int;

    /** @return int seconds until it begins anew; 0 where nothing is counted */
    public function wait(string $what): int;

    public function forget(string $what): void;
}
