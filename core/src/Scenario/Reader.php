<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use JsonException;
use stdClass;
use YardBell\Core\Availability\Closure;
use YardBell\Core\Availability\Daypart;
use YardBell\Core\Availability\Location;
use YardBell\Core\Availability\Member;
use YardBell\Core\Availability\Pool;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;
use YardBell\Core\Availability\TightDays;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Tariff;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Zone;

/** Reads a `yardbell/1` document (rules, part 2) and refuses what it may not say. */
final class Reader
{
    /** Largest document in bytes: some 250,000 bookings, which fit into the memory that is given. */
    public const LARGEST = 60_000_000;

    private const DEPTH = 32;

    /** Objects and lists at most: what is small as text can be large in memory. */
    private const MOST = ['{' => 400_000, '[' => 1_000_000];

    /** @var array<string, true> */
    private array $knownStaff = [];

    /** @var array<string, true> */
    private array $knownLocations = [];

    private function __construct(private readonly Node $document, private readonly Zone $zone)
    {
        foreach ([['staff', &$this->knownStaff], ['locations', &$this->knownLocations]] as [$key, &$known]) {
            foreach ($document->items($key) as $item) {
                if ($item instanceof stdClass && isset($item->id) && is_string($item->id)) {
                    $known[$item->id] = true;
                }
            }
        }
    }

    /**
     * @param  array<mixed>  $kept gets all that was made: for a process that ends with its answer, giving the memory
     *   back piece
     *                              by piece would be a good part of the work
     *
     * @throws BadDocument with every problem found
     */
    public static function read(string $json, array &$kept = []): Scenario
    {
        foreach (self::MOST as $sign => $most) {
            if (substr_count($json, $sign) > $most) {
                throw BadDocument::tooMany($most);
            }
        }
        try {
            $value = json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $wrong) {
            throw BadDocument::notJson($wrong->getMessage());
        }
        if (! ($value instanceof stdClass)) {
            throw BadDocument::notJson('the outermost value is no object');
        }
        $problems = new Problems();
        $document = new Node($value, '', $problems, Keys::DOCUMENT);
        if ($document->raw('format') !== 'yardbell/1') {
            $document->refuse('format', 'only "yardbell/1" can be read.');
        }
        $scenario = (new self($document, self::zone($document)))->scenario();
        $problems->throwIfAny();
        array_push($kept, $value, $scenario);

        return $scenario;
    }

    private static function zone(Node $document): Zone
    {
        $business = $document->raw('business');
        $name = $business instanceof stdClass ? $business->timeZone ?? '' : '';
        try {
            return Zone::named(is_string($name) ? $name : '');
        } catch (InvalidTime $wrong) {
            $document->problems->add('/business/timeZone', $wrong->getMessage());

            return Zone::named('UTC');
        }
    }

    private function scenario(): Scenario
    {
        $business =
            $this->document->node('business', Keys::BUSINESS) ??
            new Node(new stdClass(), '/business', $this->document->problems, []);
        $times = new TimeReader($this->zone);
        $dayparts = $this->dayparts($business, $times);
        $locations = $this->locations($times);
        $pools = $this->pools($times);
        $book = new RuleBook(
            zone: $this->zone,
            openingHours: new Hours($times->weekly($business, 'openingHours') ?? [], $times->specialDays($business)),
            closures: $this->closures($business, $times),
            dayparts: $dayparts,
            travelMinutes: $business->number('travelMinutes', 0, 10_000, 0),
            locations: $locations,
            pools: $pools,
            staff: $this->staff(),
            services: ($services = (new ServiceReader($times))->services(
                document: $this->document,
                dayparts: $dayparts,
                locations: $locations,
                staff: $this->knownStaff,
                pools: $pools,
            )),
            tightDays: TightDays::from(
                $business->choice('tightDays', array_column(TightDays::cases(), 'value'), TightDays::Off->value),
            ),
        );
        $reader = new DiaryReader($book);
        $diary = $reader->diary($this->document);
        $prices = (new PriceListReader($times, $services, $reader->clients()))->list($this->document, $business);

        return new Scenario(
            book: $book,
            diary: $diary,
            bookingIds: array_values(
                array_filter(array_column($this->document->items('bookings'), 'id'), is_string(...)),
            ),
            name: $business->text('name', 'Business'),
            currency: $this->currency($business),
            clients: $reader->clients(),
            prices: $prices,
            tariffs: $this->tariffs($services, $prices),
            waitlist: (new WaitlistReader($times, $book, $reader->clients()))->entries($this->document),
        );
    }

    /**
     * @param  array<string, Service>  $services
     * @return array<string, Tariff> by service
     */
    private function tariffs(array $services, PriceList $list): array
    {
        $prices = new PriceReader($this->knownStaff, $list);
        $tariffs = [];
        foreach ($this->document->again('services', ['id']) as $id => $node) {
            if (isset($services[$id])) {
                $tariffs[$id] = $prices->tariff($node, $id, $services[$id]->name, $services[$id]->lengths);
            }
        }

        return $tariffs;
    }

    private function currency(Node $business): string
    {
        $currency = $business->text('currency', 'EUR');
        if (preg_match('/^[A-Z]{3}\z/', $currency) !== 1) {
            $business->refuse('currency', 'a currency is three capital letters, as in ISO 4217: EUR.');
        }

        return $currency;
    }

    /** @return array<string, Daypart> */
    private function dayparts(Node $business, TimeReader $times): array
    {
        $dayparts = [];
        foreach ($business->nodes('dayparts', ['id', 'name', 'from', 'to']) as $node) {
            $id = self::newId($node, $dayparts);
            $dayparts[$id] = new Daypart($id, $node->text('name', $id), $times->window($node));
        }

        return $dayparts;
    }

    /** @return list<Closure> */
    private function closures(Node $business, TimeReader $times): array
    {
        $closures = [];
        $known = [];
        foreach ($business->nodes('closures', ['id', 'from', 'to', 'staff', 'name']) as $node) {
            $id = self::newId($node, $known);
            $known[$id] = true;
            $span = $times->span($node);
            $staff = $node->has('staff') ? $node->ids('staff', $this->knownStaff, 'staff member') : null;
            if ($staff === [] && $node->items('staff') === []) {
                $node->refuse(
                    'staff',
                    'a closure names somebody, or everyone by null; an empty list would close nothing.',
                );
            }
            if ($span !== null && $staff !== []) {
                $closures[] = new Closure($id, $span, $staff, $node->textOrNull('name') ?? '');
            }
        }

        return $closures;
    }

    /** @return array<string, Location> */
    private function locations(TimeReader $times): array
    {
        $locations = [];
        foreach ($this->document->nodes('locations', ['id', 'name', 'hours', 'specialDays']) as $node) {
            $id = self::newId($node, $locations);
            $hours = Hours::ofLocation($times->weekly($node, 'hours'), $times->specialDays($node));
            $locations[$id] = new Location($id, $node->text('name', $id), $hours);
        }

        return $locations;
    }

    /** @return array<string, Pool> */
    private function pools(TimeReader $times): array
    {
        $pools = [];
        $seen = [];
        foreach ($this->document->nodes('resources', ['id', 'name', 'location', 'units', 'outages']) as $node) {
            $id = self::newId($node, $pools);
            $units = $node->ids('units', null, 'unit');
            foreach ($units as $i => $unit) {
                if (isset($seen[$unit])) {
                    $node->problems->add(
                        "{$node->at('units')}/{$i}",
                        "unit \"{$unit}\" belongs to another pool already.",
                    );
                }
                $seen[$unit] = true;
            }
            $location = $node->idOrNull('location', $this->knownLocations, 'location');
            $pools[$id] = new Pool(
                id: $id,
                location: $location,
                units: $units,
                outages: $this->outages($node, $units, $times),
                name: $node->textOrNull('name') ?? '',
            );
        }

        return $pools;
    }

    /**
     * @param  list<string>  $units
     * @return array<string, list<WallSpan>>
     */
    private function outages(Node $pool, array $units, TimeReader $times): array
    {
        $outages = [];
        foreach ($pool->nodes('outages', ['id', 'unit', 'from', 'to']) as $node) {
            $unit = $node->id('unit', array_fill_keys($units, true), 'unit of this pool');
            $span = $times->span($node);
            if ($span !== null) {
                $outages[$unit][] = $span;
            }
        }

        return $outages;
    }

    /** @return array<string, Member> */
    private function staff(): array
    {
        $times = new TimeReader($this->zone, $this->knownLocations);
        $breaks = new TimeReader($this->zone);
        $staff = [];
        foreach ($this->document->nodes('staff', Keys::STAFF) as $node) {
            $id = self::newId($node, $staff);
            $staff[$id] = new Member(
                id: $id,
                name: $node->text('name', $id),
                active: $node->flag('active', true),
                weekly: $times->weekly($node, 'hours'),
                special: $times->specialDays($node),
                breaks: $breaks->hours($node, 'breaks'),
                timeOff: $this->timeOff($node, $times),
                busy: array_values(
                    array_filter(
                        array_map($times->busy(...), iterator_to_array($node->nodes('busy', ['from', 'to']), false)),
                    ),
                ),
                respectBusy: $node->flag('respectBusy', true),
                maxPerDay: $node->numberOrNull('maxPerDay', 0, 100_000),
            );
        }

        return $staff;
    }

    /** @return list<array{string, WallSpan}> */
    private function timeOff(Node $member, TimeReader $times): array
    {
        $timeOff = [];
        $known = [];
        foreach ($member->nodes('timeOff', ['id', 'from', 'to']) as $node) {
            $id = self::newId($node, $known);
            $known[$id] = true;
            $span = $times->span($node);
            if ($span !== null) {
                $timeOff[] = [$id, $span];
            }
        }

        return $timeOff;
    }

    /**
     * The id of a new thing of its kind.
     *
     * @param  array<string, mixed>  ...$known
     */
    public static function newId(Node $node, array ...$known): string
    {
        $id = $node->newId();
        if ($id !== '' && array_filter($known, static fn (array $ids): bool => isset($ids[$id])) !== []) {
            $node->refuse('id', "\"{$id}\" is the id of another one already.");
        }

        return $id;
    }
}
