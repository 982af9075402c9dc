<?php

declare(strict_types=1);

namespace App\Scenario;

use App\Facts\Badge;
use App\Models\Business;
use App\Models\CurrentBusiness;
use App\Models\Id;
use App\Models\Location;
use App\Models\Member;
use App\Prices\WritePriceLists;
use App\Prices\WritePrices;
use App\Support\Clock;
use App\Support\Column;
use App\Support\Ids;
use App\Support\Instants;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Availability\Daypart;
use YardBell\Core\Availability\Member as MemberRules;
use YardBell\Core\Availability\Pool;
use YardBell\Core\Scenario\Scenario;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Window;

/**
 * Writes a document's set-up as that of a business. What has been there under the same id is changed, the rest is made.
 */
final readonly class WriteSetup
{
    /** What is only looked at as a whole, and replaced as a whole. */
    private const WHOLE = [
        'special_days',
        'closures',
        'time_off',
        'busy_times',
        'outages',
        'units',
        'pools',
        'dayparts',
        'service_staff',
        'service_location',
        'service_daypart',
        'service_pool',
    ];

    public function __construct(
        private ConnectionInterface $db,
        private CurrentBusiness $current,
        private Clock $clock,
    ) {
    }

    /** Within a transaction. */
    public function __invoke(Business $business, Scenario $scenario): Ids
    {
        $book = $scenario->book;
        $business
            ->fill([
                'name' => $scenario->name,
                'time_zone' => $book->zone->name,
                'currency' => $scenario->currency,
                'travel_minutes' => $book->travelMinutes,
                'tight_days' => $book->tightDays,
                'opening_hours' => WrittenHours::table($book->openingHours->weekly()),
                'about' => $business->about ?? '',
            ])
            ->save();

        return $this->current->of($business->id, fn (): Ids => $this->things($business, $scenario));
    }

    private function things(Business $business, Scenario $scenario): Ids
    {
        $book = $scenario->book;
        $ids = new Ids($this->known($business));
        foreach (self::WHOLE as $table) {
            $this->db->table($table)->where('business_id', $business->id)->delete();
        }
        $this->specialDays(
            business: $business,
            of: 'business',
            owner: '',
            special: $book->openingHours->specialDays(),
            ids: $ids,
        );
        $this->places($business, $scenario, $ids);
        $this->people($business, $scenario, $ids);
        (new WriteServices($this->db))($business, $scenario, $ids);
        $this->rest('services', $business, $ids);
        (new WritePriceLists())($business, $scenario->prices, $ids);
        (new WritePrices())->addOns($business, $scenario, $ids);
        foreach ($book->closures as $closure) {
            $this->insert(
                'closures',
                $business,
                [
                    'id' => $ids->of('closures', $closure->id),
                    'name' => $closure->name,
                    'staff' => $closure->staff === null ? null : json_encode($ids->all('staff', $closure->staff)),
                ] + self::span($closure->span),
            );
        }
        Business::rulesChanged($business->id);
        $business->refresh();

        return $ids;
    }

    /** @return array<string, array<string, true>> by list: ids that are this business's own */
    private function known(Business $business): array
    {
        $known = [];
        foreach (
            ['locations', 'staff', 'services', 'pools', 'units', 'dayparts', 'closures', 'time_off', 'add_ons',
                'tax_rates', 'surcharges', 'offer_codes'] as $list
        ) {
            $known[$list] = array_fill_keys(
                Column::strings($this->db->table($list)->where('business_id', $business->id)->pluck('id')),
                true,
            );
        }

        return $known;
    }

    private function places(Business $business, Scenario $scenario, Ids $ids): void
    {
        $position = 0;
        foreach ($scenario->book->locations as $location) {
            $id = $ids->of('locations', $location->id);
            Location::query()->updateOrCreate(
                ['business_id' => $business->id, 'id' => $id],
                [
                    'name' => $location->name,
                    'position' => $position++,
                    'active' => true,
                    'hours' => $location->hours === null ? null : WrittenHours::table($location->hours->weekly()),
                ],
            );
            $this->specialDays(
                business: $business,
                of: 'location',
                owner: $id,
                special: $location->hours?->specialDays() ?? [],
                ids: $ids,
            );
        }
        $this->rest('locations', $business, $ids);
        foreach (array_values($scenario->book->pools) as $i => $pool) {
            $this->pool($business, $pool, $i, $ids);
        }
        foreach (array_values($scenario->book->dayparts) as $i => $part) {
            $this->daypart($business, $part, $i, $ids);
        }
    }

    /** A document gives units no names: "big-kiln" is called "Big kiln". */
    private static function spoken(string $unit): string
    {
        return ucfirst(strtr($unit, ['-' => ' ', '_' => ' ']));
    }

    private function pool(Business $business, Pool $pool, int $position, Ids $ids): void
    {
        $id = $ids->of('pools', $pool->id);
        $this->insert('pools', $business, [
            'id' => $id,
            'name' => $pool->name === '' ? $pool->id : $pool->name,
            'location_id' => $pool->location === null ? null : $ids->of('locations', $pool->location),
            'position' => $position,
        ]);
        foreach ($pool->units as $i => $unit) {
            $this->insert('units', $business, [
                'id' => $ids->of('units', $unit),
                'pool_id' => $id,
                'name' => self::spoken($unit),
                'position' => $i,
            ]);
            foreach ($pool->outages[$unit] ?? [] as $span) {
                $this->insert(
                    'outages',
                    $business,
                    ['id' => Id::make(), 'unit_id' => $ids->of('units', $unit)] + self::span($span),
                );
            }
        }
    }

    private function daypart(Business $business, Daypart $part, int $position, Ids $ids): void
    {
        $this->insert('dayparts', $business, [
            'id' => $ids->of('dayparts', $part->id),
            'name' => $part->name,
            'from' => Wall::writeTimeOfDay($part->window->from),
            'to' => Wall::writeTimeOfDay($part->window->to),
            'position' => $position,
        ]);
    }

    private function people(Business $business, Scenario $scenario, Ids $ids): void
    {
        foreach (array_values($scenario->book->staff) as $i => $member) {
            $id = $ids->of('staff', $member->id);
            $marked = Member::query()->where('business_id', $business->id)->whereKey($id)->exists()
                ? []
                : Badge::next($i);
            Member::query()->updateOrCreate(
                ['business_id' => $business->id, 'id' => $id],
                [
                    'name' => $member->name,
                    'active' => $member->active,
                    'position' => $i,
                    'respect_busy' => $member->respectBusy,
                    'max_per_day' => $member->maxPerDay,
                    'hours' => $member->weekly === null ? null : WrittenHours::table($member->weekly, $ids),
                    'breaks' => $member->breaks === null ? null : WrittenHours::table($member->breaks->weekly()),
                ] + $marked,
            );
            $this->specialDays(business: $business, of: 'staff', owner: $id, special: $member->special, ids: $ids);
            $this->away($business, $member, $id, $ids);
        }
        $this->rest('staff', $business, $ids);
    }

    private function away(Business $business, MemberRules $member, string $id, Ids $ids): void
    {
        foreach ($member->timeOff as [$off, $span]) {
            $this->insert(
                'time_off',
                $business,
                ['id' => $ids->of('time_off', "{$member->id} {$off}"), 'staff_id' => $id] + self::span($span),
            );
        }
        foreach ($member->busy as $busy) {
            $this->insert('busy_times', $business, [
                'id' => Id::make(),
                'staff_id' => $id,
                'starts_at' => Instants::toDatabase($busy->start),
                'ends_at' => Instants::toDatabase($busy->end),
            ]);
        }
    }

    /** What the document no longer has stays for the bookings that remember it, but cannot be booked any more. */
    private function rest(string $list, Business $business, Ids $ids): void
    {
        $this->db
            ->table($list)
            ->where('business_id', $business->id)
            ->whereNotIn('id', $ids->taken($list))
            ->update(['active' => false]);
    }

    /** @param  array<int, list<Window>>  $special */
    private function specialDays(Business $business, string $of, string $owner, array $special, Ids $ids): void
    {
        foreach ($special as $day => $windows) {
            $this->insert('special_days', $business, [
                'id' => Id::make(),
                'of' => $of,
                'owner_id' => $owner,
                'date' => Wall::date($day),
                'hours' => json_encode(
                    array_map(static fn (Window $window): array => WrittenHours::window($window, $ids), $windows),
                ),
            ]);
        }
    }

    /** @param  array<string, mixed>  $row */
    private function insert(string $table, Business $business, array $row): void
    {
        $this->db
            ->table($table)
            ->insert(
                [
                    'business_id' => $business->id,
                    'created_at' => $this->clock->machine(),
                    'updated_at' => $this->clock->machine(),
                ] + $row,
            );
    }

    /** @return array{from: string, to: string} */
    private static function span(WallSpan $span): array
    {
        return ['from' => Instants::toDatabase($span->from), 'to' => Instants::toDatabase($span->to)];
    }
}
