<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\ConnectionInterface;

/**
 * One after the other: whoever takes the turn of something has it until the transaction ends. It is written, as a row
 * of claims, so that it also holds between the writers of a cluster.
 */
final readonly class Turn
{
    /** What is of no day. */
    private const NO_DAY = '2000-01-01';

    public function __construct(private ConnectionInterface $db)
    {
    }

    /** @param  string  $what of the business: a person, a unit, "SETUP" */
    public function take(int $business, string $what, string $day = self::NO_DAY): void
    {
        $this->db->statement(
            'insert into claims (business_id, taker, day, times) values (?, ?, ?, 1) on duplicate key update '
                .'times = times + 1',
            [$business, $what, $day],
        );
    }
}
