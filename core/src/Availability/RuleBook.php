<?php

declare(strict_types=1);

namespace YardBell\Core\Availability;

use YardBell\Core\Time\Hours;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Zone;

use function array_map;
use function get_object_vars;

/** What a business has set up, as far as time is concerned: everything but what is booked. Each list by id. */
final readonly class RuleBook
{
    /**
     * @param  list<Closure>  $closures
     * @param  array<string, Daypart>  $dayparts
     * @param  array<string, Location>  $locations
     * @param  array<string, Pool>  $pools
     * @param  array<string, Member>  $staff
     * @param  array<string, Service>  $services
     * @param  TightDays  $tightDays T21
     */
    public function __construct(
        public Zone $zone,
        public Hours $openingHours,
        public array $closures = [],
        public array $dayparts = [],
        public int $travelMinutes = 0,
        public array $locations = [],
        public array $pools = [],
        public array $staff = [],
        public array $services = [],
        public TightDays $tightDays = TightDays::Off,
    ) {
    }

    /** The same but for what is named: `with(staff: […])`. */
    public function with(mixed ...$changes): self
    {
        // @phpstan-ignore argument.type (its own properties, by their names)
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** The same by the clocks of another zone: what is written on the clock lies at other instants (T2). */
    public function in(Zone $zone): self
    {
        $span = static fn (WallSpan $span): WallSpan => WallSpan::between($span->from, $span->to, $zone);

        return $this->with(
            zone: $zone,
            closures: array_map(
                static fn (Closure $closure): Closure => new Closure(
                    $closure->id,
                    $span($closure->span),
                    $closure->staff,
                    $closure->name,
                ),
                $this->closures,
            ),
            pools: array_map(
                static fn (Pool $pool): Pool => new Pool(
                    id: $pool->id,
                    location: $pool->location,
                    units: $pool->units,
                    outages: array_map(static fn (array $outages): array => array_map($span, $outages), $pool->outages),
                    name: $pool->name,
                ),
                $this->pools,
            ),
            staff: array_map(
                static fn (Member $member): Member => $member->with(
                    timeOff: array_map(static fn (array $off): array => [$off[0], $span($off[1])], $member->timeOff),
                ),
                $this->staff,
            ),
        );
    }

    /**
     * The same without what is so on some dates only, in a zone whose clocks never change: what an ordinary week is
     * like.
     */
    public function ordinary(): self
    {
        return new self(
            zone: Zone::named('UTC'),
            openingHours: new Hours($this->openingHours->weekly()),
            dayparts: $this->dayparts,
            locations: array_map(
                static fn (Location $location): Location => new Location(
                    $location->id,
                    $location->name,
                    $location->hours === null ? null : new Hours($location->hours->weekly()),
                ),
                $this->locations,
            ),
            pools: array_map(
                static fn (Pool $pool): Pool => new Pool($pool->id, $pool->location, $pool->units),
                $this->pools,
            ),
            staff: array_map(
                static fn (Member $member): Member => new Member(
                    $member->id,
                    $member->name,
                    $member->active,
                    $member->weekly,
                    breaks: $member->breaks,
                ),
                $this->staff,
            ),
            services: array_map(static fn (Service $service): Service => $service->always(), $this->services),
        );
    }

    /**
     * How far around what an appointment takes, set-up and clear-up included, another one can still be in its way, in
     * minutes: the way there (T7). Whoever reads what is booked, or claims it, looks as far as this.
     */
    public function lookAround(): int
    {
        return $this->travelMinutes;
    }

    public function hasSessions(): bool
    {
        foreach ($this->services as $service) {
            if ($service->hasSessions) {
                return true;
            }
        }

        return false;
    }

    /** Whether the service, the person and the place that are asked for are there at all. */
    public function knows(Ask $ask): bool
    {
        return isset($this->services[$ask->service]) &&
            ($ask->staff === null || isset($this->staff[$ask->staff])) &&
            ($ask->location === null || isset($this->locations[$ask->location]));
    }
}
