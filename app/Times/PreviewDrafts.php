<?php

declare(strict_types=1);

namespace App\Times;

use App\Access\Access;
use App\Changes\Content;
use App\Changes\Draft;
use App\Models\Booking;
use App\Models\Business;
use App\Support\Clock;
use App\Support\Ruler;
use YardBell\Core\Availability\Booking as Taken;
use YardBell\Core\Availability\Change;
use YardBell\Core\Availability\ChangePreview;
use YardBell\Core\Availability\Effect;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Stranding;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;

/**
 * What drafts would open, close and strand, day by day on one ruler: asked of the core, nothing is written. Bookings
 * are looked for in the whole year to come.
 *
 * @phpstan-type Span array{from: int, to: int}
 */
final readonly class PreviewDrafts
{
    public const DAYS = 28;

    /** Of a house with more services than these, one week is looked at, so that it is seen while one edits. */
    private const LARGE = 40;

    /** Days ahead in which bookings are looked for that would be stranded. */
    private const STRANDS_WITHIN = 366;

    /** Days ahead that the four weeks can begin: as far as services reach. */
    private const FURTHEST = 1100;

    /** So many are named; the rest is counted. */
    private const MOST_STRANDED = 50;

    public function __construct(private RulesReader $rules, private DraftedBook $drafted, private Clock $clock)
    {
    }

    /**
     * @param  list<Draft<Content>>  $drafts
     * @param  int|null  $from day number with which the four weeks begin; null: today
     * @return array<string, mixed>
     */
    public function of(Business $business, Access $access, array $drafts, ?int $from = null): array
    {
        [$before, $after] = $this->drafted->both($business, $access, $drafts);
        $only = $access->ownLane();
        $now = $this->clock->minute();
        $today = $after->zone->day($now);
        $from = min(max($from ?? $today, $today), $today + self::FURTHEST);
        $until = $from + (count($after->services) > self::LARGE ? 7 : self::DAYS) - 1;
        $effect = (new ChangePreview(
            $before,
            $after,
            $this->rules->diaryBetween($business, $after, $from, $until),
        ))->of($from, $until, $now);
        $stranded = array_values(
            array_filter(
                $this->strandedBy(business: $business, before: $before, after: $after, today: $today, now: $now),
                static fn (Taken $booking): bool => $only === null || in_array($only, $booking->staff, true),
            ),
        );
        $days = $this->days($after, $effect, $from, $until);

        return [
            'days' => $days,
            'ruler' => self::ruler($days)->toArray(),
            'services' => self::services($after, $before, $effect),
            'gained' => array_sum(array_map(static fn (Change $change): int => count($change->starts), $effect->opens)),
            'lost' => array_sum(array_map(static fn (Change $change): int => count($change->starts), $effect->closes)),
            'strandedCount' => count($stranded),
            'stranded' => $this->stranded($business, $before, array_slice($stranded, 0, self::MOST_STRANDED)),
        ];
    }

    /** @return list<Taken> bookings of the whole year to come, in order of time */
    private function strandedBy(Business $business, RuleBook $before, RuleBook $after, int $today, int $now): array
    {
        $until = $today + self::STRANDS_WITHIN;
        $stranding = new Stranding($before, $after);
        $where = $stranding->where($today, $until, $business->longest_taken);
        $diary = $where === null
            ? $this->rules->diaryBetween($business, $before, $today, $until)
            : $this->rules->bookingsTouching($business, $where);
        $stranded = $stranding->of($diary, $today, $until, $now);
        usort($stranded, static fn (Taken $a, Taken $b): int => $a->start <=> $b->start ?: strcmp($a->id, $b->id));

        return $stranded;
    }

    /**
     * @return list<array{
     *     date: string, stays: list<Span>, opens: list<Span>, closes: list<Span>, gained: int, lost: int,
     * }> in minutes since each day's midnight
     */
    private function days(RuleBook $book, Effect $effect, int $from, int $until): array
    {
        [$gained, $lost] = [self::byDay($effect->opens), self::byDay($effect->closes)];
        $days = [];
        for ($day = $from; $day <= $until; $day++) {
            $span = $book->zone->dates($day, $day);
            $midnight = $span->stretches()[0][0] ?? 0;
            $days[] = [
                'date' => Wall::date($day),
                'stays' => self::written($effect->ground->stays->intersect($span), $midnight),
                'opens' => self::written($effect->ground->opens->intersect($span), $midnight),
                'closes' => self::written($effect->ground->closes->intersect($span), $midnight),
                'gained' => $gained[$day] ?? 0,
                'lost' => $lost[$day] ?? 0,
            ];
        }

        return $days;
    }

    /**
     * @param  list<Change>  $changes
     * @return array<int, int> starts by day number
     */
    private static function byDay(array $changes): array
    {
        $days = [];
        foreach ($changes as $change) {
            $days[$change->day] = ($days[$change->day] ?? 0) + count($change->starts);
        }

        return $days;
    }

    /** @return list<array{from: int, to: int}> */
    private static function written(Timeline $timeline, int $midnight): array
    {
        return array_map(
            static fn (array $stretch): array => ['from' => $stretch[0] - $midnight, 'to' => $stretch[1] - $midnight],
            $timeline->stretches(),
        );
    }

    /** @param  list<array{stays: list<Span>, opens: list<Span>, closes: list<Span>}>  $days */
    private static function ruler(array $days): Ruler
    {
        $all = array_merge(
            ...array_map(
                static fn (array $day): array => [...$day['stays'], ...$day['opens'], ...$day['closes']],
                $days,
            ),
        );

        return Ruler::around([...array_column($all, 'from'), ...array_column($all, 'to')]);
    }

    /** @return list<array<string, mixed>> */
    private static function services(RuleBook $after, RuleBook $before, Effect $effect): array
    {
        $services = [];
        foreach (['gained' => $effect->opens, 'lost' => $effect->closes] as $what => $changes) {
            foreach ($changes as $change) {
                $services[$change->service] ??= [
                    'id' => $change->service,
                    'name' => ($after->services[$change->service] ?? $before->services[$change->service])->name,
                    'gained' => 0,
                    'lost' => 0,
                ];
                $services[$change->service][$what] += count($change->starts);
            }
        }

        return array_values($services);
    }

    /**
     * @param  list<Taken>  $stranded
     * @return list<array<string, mixed>>
     */
    private function stranded(Business $business, RuleBook $book, array $stranded): array
    {
        $clients = Booking::query()
            ->where('business_id', $business->id)
            ->whereIn('id', array_map(static fn (Taken $booking): string => $booking->id, $stranded))
            ->get(['id', 'contact', 'service_name'])
            ->keyBy('id');

        return array_map(
            static fn (Taken $booking): array => [
                'id' => $booking->id,
                'start' => Wall::writeInstant($booking->start),
                'minutes' => $booking->minutes,
                'service' => $clients[$booking->id]->service_name ?? '',
                'client' => $clients[$booking->id]->contact['name'] ?? null,
                'staff' => array_map(static fn (string $id): string => $book->staff[$id]->name, $booking->staff),
            ],
            $stranded,
        );
    }
}
