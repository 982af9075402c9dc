<?php

declare(strict_types=1);

/** Looks at the tables themselves, with nothing of the application: what is there twice, too often, or not at all. */
final readonly class StormLook
{
    private const STANDS = "('pending', 'confirmed', 'arrived', 'started', 'completed')";

    public function __construct(private PDO $db, private int $business)
    {
    }

    /**
     * @param  list<array{what: string, id: string, status: int, said: string}>  $acts what was answered
     * @return Generator<string> a sentence for each thing that is wrong
     */
    public function wrong(array $acts, int $codeUses): Generator
    {
        foreach (['staff_ids' => 'person', 'units' => 'unit'] as $column => $what) {
            foreach ($this->overlaps($column) as [$taker, $one, $other]) {
                yield "A {$what} is taken twice: {$taker}, {$one} and {$other}.";
            }
        }
        yield from $this->tooMany(
            "select concat(b.service_name, ' ', b.starts_at) from bookings b join services s on s.id = b.service_id
                where b.business_id = ? and b.session_id is null and b.double_booked = 0
                and b.state in ".self::STANDS.'
                group by b.service_id, b.staff_ids, b.starts_at
                having sum(b.party) > max(coalesce(s.places, 1)) and count(*) > 1',
            'More come than there are places',
        );
        yield from $this->tooMany(
            "select concat(b.service_name, ' ', b.starts_at) from bookings b
                join scheduled_sessions s on s.id = b.session_id where b.business_id = ? and b.double_booked = 0
                and b.state in ".self::STANDS.'
                group by b.session_id having sum(b.party) > max(s.places)',
            'A session is too full',
        );
        yield from $this->tooMany(
            'select count(distinct coalesce(b.visit_id, b.id)) from code_uses u join bookings b on b.id = u.booking_id
                where u.business_id = ? and b.state in '.self::STANDS."
                having count(distinct coalesce(b.visit_id, b.id)) > {$codeUses}",
            'The code is used too often',
        );
        yield from $this->tooMany(
            "select booking_id from outbox where business_id = ? and occasion = 'reminder' and state = 'waiting'
                group by booking_id having count(*) > 1",
            'Two reminders wait',
        );
        yield from $this->tooMany(
            "select booking_id from outbox where business_id = ? and occasion = 'reminder' and state = 'sent'
                group by booking_id, due_at having count(*) > 1",
            'A reminder was sent twice',
        );
        yield from $this->tooMany(
            'select concat(kind, year) from documents where business_id = ? group by kind, year
                having max(number) <> count(*)',
            'Numbers of documents have a gap',
        );
        yield from $this->lost($acts);
    }

    /** @return list<array{string, string, string}> taker, the two that have it */
    private function overlaps(string $column): array
    {
        $taken = "select b.id, t.taker, b.taken_from, b.taken_until, b.service_id, b.starts_at from bookings b
            join json_table(b.{$column}, '$[*]' columns (taker varchar(40) path '$')) t
            where b.business_id = {$this->business} and b.double_booked = 0 and b.state in ".self::STANDS;

        return $this->db->query("select a.taker, a.id, b.id from ({$taken}) a join ({$taken}) b on a.taker = b.taker
            and a.id < b.id and a.taken_from < b.taken_until and b.taken_from < a.taken_until
            where not (a.service_id = b.service_id and a.starts_at = b.starts_at
                and exists (select * from services s where s.id = a.service_id and s.places > 1))")
            ->fetchAll(PDO::FETCH_NUM);
    }

    /** @return Generator<string> */
    private function tooMany(string $sql, string $what): Generator
    {
        $found = $this->db->prepare($sql);
        $found->execute([$this->business]);
        foreach ($found->fetchAll(PDO::FETCH_COLUMN) as $row) {
            yield "{$what}: {$row}.";
        }
    }

    /**
     * What was acknowledged and is not there. Whoever tried to cancel it may have done so without hearing of it.
     *
     * @param  list<array{what: string, id: string, status: int, said: string}>  $acts
     * @return Generator<string>
     */
    private function lost(array $acts): Generator
    {
        $states = $this->db->query("select id, state from bookings where business_id = {$this->business}")
            ->fetchAll(PDO::FETCH_KEY_PAIR);
        $of = static fn (string ...$whats): array => array_filter(
            $acts,
            static fn (array $act): bool => in_array($act['what'], $whats, true) && $act['id'] !== '',
        );
        $tried = array_column($of('cancel', 'desk cancel'), 'id', 'id');
        foreach ($of('book', 'desk book') as ['id' => $id]) {
            if (! isset($tried[$id]) && ! in_array($states[$id] ?? '', ['pending', 'confirmed'], true)) {
                yield "Acknowledged and lost: {$id} is ".($states[$id] ?? 'not there').'.';
            }
        }
        foreach ($of('cancel', 'desk cancel') as $act) {
            if ($act['status'] === 200 && ($states[$act['id']] ?? '') !== 'cancelled') {
                yield "Acknowledged as cancelled: {$act['id']} is ".($states[$act['id']] ?? 'not there').'.';
            }
        }
    }
}
