<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\ConnectionInterface;

/**
 * One after the other: whoever takes the turn of something has it until the transaction ends. It is written, as a row
 * of claims, so that it also holds between the writers of a cluster.
 */
final readonly class Mutex
{
    /** What is of no day. */
    private const NO_DAY = '2000-01-01';

    public function __construct(private ConnectionInterface $db)
    {
    }

    /** @param  string  $what of the business: a person, a unit, "SETUP" */
    public function take(int $business, string $what, string $day = self::NO_DAY): void
    {
        $this->takeEach($business, [[$what, $day]]);
    }

    /**
     * Several, one after the other in the order given: everybody names them in the same.
     *
     * @param  non-empty-list<array{string, string}>  $turns what, and its day
     */
    public function takeEach(int $business, array $turns): void
    {
        $rows = implode(', ', array_fill(0, count($turns), '(?, ?, ?, 1)'));
        $this->db->statement(
            "insert into claims (business_id, taker, day, times) values {$rows}
                on duplicate key update times = times + 1",
            array_merge(...array_map(static fn (array $turn): array => [$business, ...$turn], $turns)),
        );
    }
}
