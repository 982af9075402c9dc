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
        return $this->addEach([$what], $seconds)[$what];
    }

    /**
     * Several at once, each counted by itself.
     *
     * @param  list<string>  $what
     * @return array<string, int> how many there are by now, by what is counted
     */
    public function addEach(array $what, int $seconds): array
    {
        if ($what === []) {
            return [];
        }
        sort($what); // written in one order by everybody
        $now = $this->clock->machine();
        $values = implode(', ', array_fill(0, count($what), '(?, 1, ?)'));
        $rows = $this->db->select(
            "insert into counts (name, times, until) values {$values} on duplicate key update
                times = if(until <= ?, 1, times + 1), until = if(until <= ?, values(until), until)
                returning name, times",
            [
                ...array_merge(...array_map(
                    static fn (string $one): array => [self::name($one), $now->addSeconds($seconds)],
                    $what,
                )),
                $now,
                $now,
            ],
        );

        return self::byWhat($what, array_column($rows, 'times', 'name'));
    }

    public function of(string $what): int
    {
        return $this->ofEach([$what])[$what];
    }

    /**
     * @param  list<string>  $what
     * @return array<string, int> how many there are, by what is counted
     */
    public function ofEach(array $what): array
    {
        $times = $what === [] ? [] : $this->db
            ->table('counts')
            ->whereIn('name', array_map(self::name(...), $what))
            ->where('until', '>', $this->clock->machine())
            ->pluck('times', 'name')
            ->all();

        return self::byWhat($what, $times);
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

    /**
     * @param  list<string>  $what
     * @param  array<mixed>  $times by the name that is kept
     * @return array<string, int> none where there is none
     */
    private static function byWhat(array $what, array $times): array
    {
        $counted = [];
        foreach ($what as $one) {
            $known = $times[self::name($one)] ?? 0;
            $counted[$one] = is_numeric($known) ? (int) $known : 0;
        }

        return $counted;
    }
}
