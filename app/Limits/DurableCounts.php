<?php

declare(strict_types=1);

namespace App\Limits;

use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;

/**
 * Counts that outlive a restart: quotas of mail, tries to sign in. Counted within the transaction it happens in, if
 * there is one. By the machine's clock, however far a demonstration's was put.
 */
final readonly class DurableCounts implements Counts
{
    public function __construct(private ConnectionInterface $db, private Clock $clock)
    {
    }

    public function add(string $what, int $seconds): int
    {
        $now = $this->clock->machine();
        $this->db->insert(
            'insert into counts (name, times, until) values (?, 1, ?) on duplicate key update
                times = if(until <= ?, 1, times + 1), until = if(until <= ?, values(until), until)',
            [self::name($what), $now->addSeconds($seconds), $now, $now],
        );

        return $this->of($what);
    }

    public function of(string $what): int
    {
        $row = $this->db->selectOne(
            'select times from counts where name = ? and until > ?',
            [self::name($what), $this->clock->machine()],
        );

        return $row instanceof \stdClass ? (int) $row->times : 0;
    }

    public function wait(string $what): int
    {
        $now = $this->clock->machine();
        $row = $this->db->selectOne(
            'select timestampdiff(second, ?, until) as seconds from counts where name = ? and until > ?',
            [$now, self::name($what), $now],
        );

        return $row instanceof \stdClass ? max(1, (int) $row->seconds) : 0;
    }

    public function forget(string $what): void
    {
        $this->db->table('counts')->where('name', self::name($what))->delete();
    }

    /** What is counted names people; what is kept does not. */
    private static function name(string $what): string
    {
        return hash('sha256', $what);
    }
}
