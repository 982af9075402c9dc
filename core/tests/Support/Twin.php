<?php

declare(strict_types=1);

namespace YardBell\Core\Tests\Support;

use DateTime;
use DateTimeImmutable;
use DateTimeZone;

/**
 * The slow, obvious twin of the search: it reads the document itself and asks of every minute of the dates, one rule
 * after the other, with date objects and without any code of the core.
 */
final class Twin
{
    /** Shows any instant in the business's zone. */
    private readonly DateTime $clock;

    /** @var array<string, int> */
    private array $walls = [];

    /** @var array<int, string> */
    private array $locals = [];

    /** @var array<string, array<int, bool>> asked of one service only */
    private array $open = [];

    /** @var array<string, array<int, int>> from when on it is open up to a minute, as far as was looked */
    private array $openSince = [];

    /** @var array<string, int> */
    private array $days = [];

    /** @var array<string, bool> */
    private array $room = [];

    /** @var array<string, int> */
    private static array $minutes = [];

    /** @var array<string, string> */
    private static array $shifted = [];

    /** @var array<string, list<array{int, int}>> */
    private array $windows = [];

    /** @param  array<string, mixed>  $doc */
    public function __construct(private readonly array $doc)
    {
        $this->clock = new DateTime('@0');
        $this->clock->setTimezone(new DateTimeZone($doc['business']['timeZone']));
    }

    /**
     * @param  array<string, mixed>  $ask service, from, to (dates), now (instant), party
     * @return list<string> "start staff location units places next", and "tight" or "loose" where days are kept tight
     */
    public function slots(array $ask): array
    {
        $service = $this->byId('services', $ask['service']);
        $service['minutes'] =
            (is_array($service['minutes']) ? $service['minutes'][0] : $service['minutes']) + ($ask['extra'] ?? 0);
        $found = [];
        $start = self::minute($ask['from'].'T00:00Z') - 1500;
        $end = self::minute($ask['to'].'T00:00Z') + 3000;
        if ($ask['party'] > ($service['maxParty'] ?? (($service['places'] ?? 1) > 1 ? $ask['party'] : 1))) {
            return [];
        }
        for ($t = $start; $t < $end; $t++) {
            $date = substr($this->local($t), 0, 10);
            if ($date < $ask['from'] || $date > $ask['to']) {
                continue;
            }
            foreach ($service['locations'] as $location) {
                foreach ($this->crews($service) as $i => $crew) {
                    $row = $this->row($service, $crew, $location, $t, $ask);
                    if ($row !== null) {
                        $found["{$t} {$location}"][$i] = [...$row, $this->isTight($service, $row, $location, $t, $ask)];
                    }
                }
            }
        }
        $rows = [];
        foreach ($this->left($found) as $at => $here) {
            [$t, $location] = explode(' ', $at);
            array_push($rows, ...$this->marked($service, $here, (int) $t, $location, $ask));
        }

        return $rows;
    }

    /**
     * T22: whether every minute of a row lies within what somebody wishes, on their dates, with their people, there.
     *
     * @param  array<string, mixed>  $entry
     * @param  array<string, mixed>  $row of `slots`
     */
    public function wishes(array $entry, array $row): bool
    {
        $date = substr($this->local(self::minute($row['start'])), 0, 10);
        $isWished = $date >= $entry['from'] && $date <= $entry['until'] &&
            (! isset($entry['locations']) || in_array($row['location'], $entry['locations'], true)) &&
            (! isset($entry['staff']) || array_intersect($row['staff'], $entry['staff']) !== []);
        for ($m = self::minute($row['start']); $isWished && $m < self::minute($row['end']); $m++) {
            $isWished = ! isset($entry['windows']) || $this->within($entry['id'], $entry['windows'], [], $m);
        }

        return $isWished;
    }

    /** T21's `only`: those that are not tight, where the same people have a tight one at that place on that date. */
    private function left(array $found): array
    {
        if (($this->doc['business']['tightDays'] ?? 'off') !== 'only') {
            return $found;
        }
        $has = [];
        foreach ($found as $at => $here) {
            foreach ($here as $row) {
                [$t, $location] = explode(' ', (string) $at);
                $key = implode('+', $row[0])." {$location} {$this->date((int) $t)}";
                $has[$key] = ($has[$key] ?? false) || $row[4];
            }
        }
        foreach ($found as $at => $here) {
            [$t, $location] = explode(' ', (string) $at);
            $found[$at] = array_filter(
                $here,
                fn (array $row): bool => $row[4] ||
                    ! $has[implode('+', $row[0])." {$location} {$this->date((int) $t)}"],
            );
        }

        return array_filter($found);
    }

    /** T21, minute by minute: what is left before and after it of the time in which somebody is there and free. */
    private function isTight(array $service, array $row, string $location, int $t, array $ask): bool
    {
        [$crew, , , $joins] = $row;
        if ($joins || ($this->doc['business']['tightDays'] ?? 'off') === 'off') {
            return true;
        }
        $end = $t + $service['minutes'];
        foreach ($crew as $id) {
            $room = fn (int $m): bool => $this->isRoom($id, $location, $m, $ask);
            for ($m = $t; $m < $end && $room($m); $m++);
            if ($m < $end) {
                continue;
            }
            $least = $this->least($id, $location);
            for ($left = $t - ($service['setup'] ?? 0), $m = $t - 1; $m >= $left - $least && $room($m); $m--);
            $before = $left - 1 - $m;
            $from = $end + ($service['clearup'] ?? 0);
            for ($m = $end; $m < $from + $least && $room($m); $m++);
            $after = $m - $from;
            if (($before > 0 && $before < $least) || ($after > 0 && $after < $least)) {
                return false;
            }
        }

        return true;
    }

    private function isRoom(string $id, string $location, int $m, array $ask): bool
    {
        return $this->room["{$id} {$location} {$m}"] ??=
            $this->isOpenMinute([], $id, $location, $m) &&
            $this->isFree(['minutes' => 1], $id, $location, $m, $ask);
    }

    private function least(string $id, string $location): int
    {
        $least = PHP_INT_MAX >> 1;
        foreach ($this->doc['services'] as $one) {
            if (
                ($one['kind'] ?? 'appointment') === 'appointment' &&
                in_array($id, $one['staff'] ?? [], true) &&
                in_array($location, $one['locations'] ?? [], true)
            ) {
                $shortest = is_array($one['minutes']) ? min($one['minutes']) : $one['minutes'];
                $least = min($least, ($one['setup'] ?? 0) + $shortest + ($one['clearup'] ?? 0));
            }
        }

        return $least;
    }

    /** @return array<int, list<string>> */
    private function crews(array $service): array
    {
        $active = array_filter($service['staff'], fn (string $id): bool => $this->byId('staff', $id)['active'] ?? true);

        return match (true) {
            $active === [] => [],
            ($service['assignment'] ?? 'choose') === 'all' => [array_values($active)],
            default => array_map(fn (string $id): array => [$id], $active),
        };
    }

    /** @return array{list<string>, list<string>, int, bool}|null crew, units, places, joins */
    private function row(array $service, array $crew, string $location, int $t, array $ask): ?array
    {
        if (
            $t < self::minute($ask['now']) + ($service['noticeMinutes'] ?? 0) ||
            $this->daysBetween($this->date($ask['now']), $this->date($t)) > ($service['bookAheadDays'] ?? 60)
        ) {
            return null;
        }
        $places = $service['places'] ?? 1;
        $group =
            $places > 1
                ? array_filter(
                    $this->holding($ask),
                    fn (array $b): bool => $b['service'] === $service['id'] &&
                        self::minute($b['start']) === $t &&
                        $b['minutes'] === $service['minutes'] &&
                        $this->same($b['staff'], $crew) &&
                        ($b['location'] ?? null) === $location,
                )
                : [];
        if ($group !== []) {
            $left = $places - array_sum(array_map(fn (array $b): int => $b['party'] ?? 1, $group));
            $units = $left >= $ask['party'] ? $this->units($service, $location, $t, $ask, $group) : null;

            return $units === null ? null : [$crew, $units, $left, true];
        }
        if (! $this->onGrid($service, $crew, $location, $t)) {
            return null;
        }
        foreach ($crew as $id) {
            if (
                ! $this->opens($service, $id, $location, $t) ||
                ! $this->isFree($service, $id, $location, $t, $ask) ||
                $this->personFull($id, $t, $ask)
            ) {
                return null;
            }
        }
        if (
            ($ask['party'] > $places && $places > 1) ||
            $this->serviceFull($service, $t, $ask) ||
            ! $this->inSeason($service, $t)
        ) {
            return null;
        }
        $units = $this->units($service, $location, $t, $ask, null);

        return $units === null ? null : [$crew, $units, $places, false];
    }

    /** T4 and T5, minute by minute. */
    private function opens(array $service, string $id, string $location, int $t): bool
    {
        $known = &$this->open["{$id} {$location}"];
        for ($m = $t; $m < $t + $service['minutes']; $m++) {
            if (! ($known[$m] ??= $this->isOpenMinute($service, $id, $location, $m))) {
                return false;
            }
        }

        return true;
    }

    private function isOpenMinute(array $service, string $id, string $location, int $m): bool
    {
        $member = $this->byId('staff', $id);
        $place = $this->byId('locations', $location);
        $business = $this->doc['business'];
        if (! $this->within('opening', $business['openingHours'], $business['specialDays'] ?? [], $m)) {
            return false;
        }
        if (isset($member['hours']) || ($member['specialDays'] ?? []) !== []) {
            if (! $this->withinOwn($id, $member, $location, $m)) {
                return false;
            }
        }
        if (isset($place['hours']) || ($place['specialDays'] ?? []) !== []) {
            $hours =
                $place['hours'] ??
                array_fill_keys(
                    ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'],
                    [['from' => '00:00', 'to' => '24:00']],
                );
            if (! $this->within("place {$location}", $hours, $place['specialDays'] ?? [], $m)) {
                return false;
            }
        }
        if (isset($service['hours']) && ! $this->within("service {$service['id']}", $service['hours'], [], $m)) {
            return false;
        }
        foreach ($business['closures'] ?? [] as $closure) {
            if (
                (! isset($closure['staff']) || in_array($id, $closure['staff'], true)) &&
                $m >= $this->wall($closure['from'], false) &&
                $m < $this->wall($closure['to'], true)
            ) {
                return false;
            }
        }

        return ! isset($member['breaks']) || ! $this->within("breaks {$id}", $member['breaks'], [], $m);
    }

    private function withinOwn(string $id, array $member, string $location, int $m): bool
    {
        $today = substr($this->local($m), 0, 10);

        return self::holds(
            $this->windows["own {$id} {$location} {$today}"] ??= $this->ownWindows($member, $location, $today),
            $m,
        );
    }

    /** @return list<array{int, int}> */
    private function ownWindows(array $member, string $location, string $today): array
    {
        $dated = [];
        for ($day = -2; $day <= 1; $day++) {
            $date = $this->shift($today, $day);
            $own = $this->specialOn($member['specialDays'] ?? [], $date);
            $windows =
                $own ??
                (isset($member['hours'])
                    ? $member['hours'][$this->weekday($date)] ?? []
                    : $this->specialOn($this->doc['business']['specialDays'] ?? [], $date) ??
                        ($this->doc['business']['openingHours'][$this->weekday($date)] ?? []));
            foreach ($windows as $window) {
                if (! isset($window['at']) || $window['at'] === $location) {
                    $dated[] = $this->window($date, $window);
                }
            }
        }

        return $dated;
    }

    private function within(string $name, array $table, array $special, int $m): bool
    {
        $date = substr($this->local($m), 0, 10);
        $dated = $this->windows["{$name} {$date}"] ??= (function () use ($table, $special, $date): array {
            $dated = [];
            for ($day = -2; $day <= 1; $day++) {
                $on = $this->shift($date, $day);
                foreach ($this->specialOn($special, $on) ?? ($table[$this->weekday($on)] ?? []) as $window) {
                    $dated[] = $this->window($on, $window);
                }
            }

            return $dated;
        })();

        return self::holds($dated, $m);
    }

    /** T6, T7: by overlap of padded intervals. */
    private function isFree(array $service, string $id, string $location, int $t, array $ask): bool
    {
        [$from, $to] = [$t - ($service['setup'] ?? 0), $t + $service['minutes'] + ($service['clearup'] ?? 0)];
        $travel = $this->doc['business']['travelMinutes'] ?? 0;
        foreach ($this->holding($ask) as $b) {
            $extra = isset($b['location']) && $b['location'] !== $location ? $travel : 0;
            $start = self::minute($b['start']);
            if (
                in_array($id, $b['staff'], true) &&
                $from < $start + $b['minutes'] + ($b['clearup'] ?? 0) + $extra &&
                $start - ($b['setup'] ?? 0) - $extra < $to
            ) {
                return false;
            }
        }
        $member = $this->byId('staff', $id);
        foreach ($member['timeOff'] ?? [] as $off) {
            if (
                $from < $this->wall($off['to'], true) &&
                $this->wall($off['from'], false) < min($to, $this->wall($off['to'], true))
            ) {
                return false;
            }
        }
        foreach ($member['respectBusy'] ?? true ? $member['busy'] ?? [] : [] as $busy) {
            if ($from < self::minute($busy['to']) && self::minute($busy['from']) < $to) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string>|null T9, T14 */
    private function units(array $service, string $location, int $t, array $ask, ?array $group): ?array
    {
        $units = [];
        foreach ($service['resources'] ?? [] as $need) {
            $pool = $this->byId('resources', $need['pool']);
            if ($group !== null && ! ($need['perPerson'] ?? false)) {
                array_push(
                    $units,
                    ...array_values(
                        array_filter(
                            $pool['units'],
                            fn (string $u): bool => in_array(
                                $u,
                                array_merge(...array_map(fn (array $b): array => $b['units'] ?? [], $group)),
                                true,
                            ),
                        ),
                    ),
                );

                continue;
            }
            if (isset($pool['location']) && $pool['location'] !== $location) {
                return null;
            }
            $buffers = $need['holdsBuffers'] ?? true;
            $from = $t - ($buffers ? $service['setup'] ?? 0 : 0);
            $to = $t + $service['minutes'] + ($buffers ? $service['clearup'] ?? 0 : 0);
            $free = array_values(
                array_filter(
                    $pool['units'],
                    fn (string $unit): bool => $this->unitIsFree($pool, $unit, $from, $to, $ask),
                ),
            );
            $wanted = $need['units'] * ($need['perPerson'] ?? false ? $ask['party'] : 1);
            if (count($free) < $wanted) {
                return null;
            }
            array_push($units, ...array_slice($free, 0, $wanted));
        }

        return $units;
    }

    private function unitIsFree(array $pool, string $unit, int $from, int $to, array $ask): bool
    {
        foreach ($this->holding($ask) as $b) {
            if (! in_array($unit, $b['units'] ?? [], true)) {
                continue;
            }
            $buffers = true;
            foreach ($this->byId('services', $b['service'])['resources'] ?? [] as $need) {
                $buffers = $need['pool'] === $pool['id'] ? $need['holdsBuffers'] ?? true : $buffers;
            }
            $start = self::minute($b['start']);
            if (
                $from < $start + $b['minutes'] + ($buffers ? $b['clearup'] ?? 0 : 0) &&
                $start - ($buffers ? $b['setup'] ?? 0 : 0) < $to
            ) {
                return false;
            }
        }
        foreach ($pool['outages'] ?? [] as $outage) {
            [$start, $end] = [$this->wall($outage['from'], false), $this->wall($outage['to'], true)];
            if ($outage['unit'] === $unit && $start < $end && $from < $end && $start < $to) {
                return false;
            }
        }

        return true;
    }

    /** T10 */
    private function onGrid(array $service, array $crew, string $location, int $t): bool
    {
        $every = $service['startEvery'] ?? 15;
        if (($service['startFrom'] ?? 'clock') === 'clock') {
            return ((int) substr($this->local($t), 11, 2) * 60 + (int) substr($this->local($t), 14, 2)) % $every === 0;
        }
        $date = substr($this->local($t), 0, 10);
        $limit = $this->wall($this->shift($date, -7).'T00:00', false);
        $since = &$this->openSince[implode(' ', [...$crew, $location])];
        for ($m = $t; $m >= $limit - 1; $m = ($since[$m] ?? $m) - 1) {
            foreach ($crew as $id) {
                if (! ($this->open["{$id} {$location}"][$m] ??= $this->isOpenMinute($service, $id, $location, $m))) {
                    $since[$t] = $m + 1;

                    return ($t - $m - 1) % $every === 0;
                }
            }
        }
        $since[$t] = $m + 1;

        return ($t - $this->wall("{$date}T00:00", false)) % $every === 0;
    }

    private function inSeason(array $service, int $t): bool
    {
        $date = $this->date($t);
        if ($date < ($service['availableFrom'] ?? '0') || $date > ($service['availableUntil'] ?? '9')) {
            return false;
        }
        foreach ($service['dayparts'] ?? [] as $id) {
            foreach ($this->doc['business']['dayparts'] as $part) {
                for ($day = -2; $day <= 1; $day++) {
                    if ($part['id'] === $id && self::holds([$this->window($this->shift($date, $day), $part)], $t)) {
                        return true;
                    }
                }
            }
        }

        return ($service['dayparts'] ?? []) === [];
    }

    /** T12 */
    private function serviceFull(array $service, int $t, array $ask): bool
    {
        return isset($service['maxPerDay']) &&
            $this->starting($t, $ask, fn (array $b): bool => $b['service'] === $service['id']) >= $service['maxPerDay'];
    }

    private function personFull(string $id, int $t, array $ask): bool
    {
        $most = $this->byId('staff', $id)['maxPerDay'] ?? null;

        return $most !== null &&
            $this->starting($t, $ask, fn (array $b): bool => in_array($id, $b['staff'], true)) >= $most;
    }

    private function starting(int $t, array $ask, callable $counts): int
    {
        $seen = [];
        foreach ($this->holding($ask) as $i => $b) {
            if ($counts($b) && $this->date($b['start']) === $this->date($t)) {
                $staff = $b['staff'];
                sort($staff);
                $seen[
                    ($this->byId('services', $b['service'])['places'] ?? 1) > 1
                        ? json_encode([$b['service'], $b['start'], $b['minutes'], $staff, $b['location'] ?? null])
                        : $i
                ] = true;
            }
        }

        return count($seen);
    }

    /** @return list<string> T16 */
    private function marked(array $service, array $here, int $t, string $location, array $ask): array
    {
        $assignment = $service['assignment'] ?? 'choose';
        $pool = array_filter($here, fn (array $row): bool => $row[3]) ?: $here;
        $last = [];
        foreach ($here as $i => [$crew]) {
            $made = array_map(
                fn (array $b): int => self::minute($b['createdAt']),
                array_filter(
                    $this->holding($ask),
                    fn (array $b): bool => $b['service'] === $service['id'] && in_array($crew[0], $b['staff'], true),
                ),
            );
            $last[$i] = $made === [] || ! in_array($assignment, ['choose', 'rotate'], true) ? 0 : max($made);
        }
        uksort($pool, fn (int $a, int $b): int => $last[$a] <=> $last[$b] ?: $a <=> $b);
        $next = array_key_first($pool);
        $rows = [];
        foreach ($here as $i => [$crew, $units, $places, , $tight]) {
            $mark = match ($assignment) {
                'random' => '-',
                'all' => 'yes',
                default => $i === $next ? 'yes' : 'no',
            };
            $rows[] =
                gmdate('Y-m-d\TH:i\Z', $t * 60)
                .' '
                .implode('+', $crew)
                ." {$location} ["
                .implode(',', $units)
                ."] {$places} {$mark}"
                .match (true) {
                    ($this->doc['business']['tightDays'] ?? 'off') === 'off' => '',
                    $tight => ' tight',
                    default => ' loose',
                };
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> */
    private function holding(array $ask): array
    {
        $sessions = array_map(
            fn (array $s): array => $s + ['setup' => 15, 'clearup' => 5, 'staff' => []],
            array_filter($this->doc['sessions'] ?? [], fn (array $s): bool => $s['state'] !== 'cancelled'),
        );

        return array_values(
            array_filter(
                [
                    ...$this->doc['bookings'] ?? [],
                    ...array_map(fn (array $s): array => ['state' => 'confirmed'] + $s, $sessions),
                ],
                fn (array $b): bool => match ($b['state'] ?? 'confirmed') {
                    'cancelled', 'declined', 'expired' => false,
                    'held' => self::minute($b['heldUntil']) > self::minute($ask['now']),
                    default => true,
                },
            ),
        );
    }

    private function same(array $a, array $b): bool
    {
        sort($a);
        sort($b);

        return $a === $b;
    }

    private function byId(string $list, string $id): array
    {
        foreach ($this->doc[$list] as $one) {
            if ($one['id'] === $id) {
                return $one;
            }
        }
        throw new \LogicException("no {$id} in {$list}");
    }

    /** @param  list<array{int, int}>  $dated */
    private static function holds(array $dated, int $m): bool
    {
        foreach ($dated as [$from, $to]) {
            if ($m >= $from && $m < $to) {
                return true;
            }
        }

        return false;
    }

    private function specialOn(array $special, string $date): ?array
    {
        foreach ($special as $day) {
            if ($day['date'] === $date) {
                return $day['hours'];
            }
        }

        return null;
    }

    /** @return array{int, int} */
    private function window(string $date, array $window): array
    {
        $end =
            $window['to'] === '24:00'
                ? $this->shift($date, 1).'T00:00'
                : ($window['to'] > $window['from'] ? $date : $this->shift($date, 1)).'T'.$window['to'];

        return [$this->wall("{$date}T{$window['from']}", false), $this->wall($end, true)];
    }

    /** T2, found by looking at every minute around. */
    private function wall(string $wall, bool $isEnd): int
    {
        return $this->walls[$wall.($isEnd ? 'e' : 's')] ??= (function () use ($wall, $isEnd): int {
            $middle = self::minute("{$wall}Z");
            $found = [];
            for ($m = $middle - 2000; $m < $middle + 2000; $m++) {
                if (substr($this->local($m), 0, 16) === $wall) {
                    $found[] = $m;
                }
            }
            if ($found !== []) {
                return $isEnd ? max($found) : min($found);
            }
            for ($m = $middle - 2000; $m < $middle + 2000; $m++) {
                if ($this->local($m - 1) < $wall && $this->local($m) > $wall) {
                    return $m;
                }
            }
            throw new \LogicException("no {$wall}");
        })();
    }

    private function local(int $m): string
    {
        return $this->locals[$m] ??= $this->clock->setTimestamp($m * 60)->format('Y-m-d\TH:i');
    }

    private function date(int|string $instant): string
    {
        return substr($this->local(is_int($instant) ? $instant : self::minute($instant)), 0, 10);
    }

    private static function minute(string $instant): int
    {
        return self::$minutes[$instant] ??= intdiv((new DateTimeImmutable($instant))->getTimestamp(), 60);
    }

    private function shift(string $date, int $days): string
    {
        return self::$shifted["{$date} {$days}"] ??= (new DateTimeImmutable("{$date}T12:00Z"))
            ->modify("{$days} days")
            ->format('Y-m-d');
    }

    private function weekday(string $date): string
    {
        return strtolower((new DateTimeImmutable("{$date}T12:00Z"))->format('D'));
    }

    private function daysBetween(string $from, string $to): int
    {
        return $this->days["{$from} {$to}"] ??= (int) (new DateTimeImmutable("{$from}T12:00Z"))
            ->diff(new DateTimeImmutable("{$to}T12:00Z"))
            ->format('%r%a');
    }
}
