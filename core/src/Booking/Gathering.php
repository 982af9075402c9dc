<?php

declare(strict_types=1);

namespace YardBell\Core\Booking;

use YardBell\Core\Availability\Assignment;
use YardBell\Core\Availability\Lengths;
use YardBell\Core\Availability\Need;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;

use function array_map;
use function array_merge;
use function get_object_vars;

/** What a session would take, whenever it is: who holds it, where, for how long, for how many. */
final readonly class Gathering
{
    /** The finest grid a start lies on is the one it is asked on. */
    private const GRIDS = [15, 5, 1];

    /**
     * @param  string  $service of kind session
     * @param  non-empty-list<string>  $staff of the service, active: all of them hold it
     * @param  string  $location of the service
     */
    public function __construct(
        public string $service,
        public int $minutes,
        public array $staff,
        public string $location,
        public int $places,
    ) {
    }

    /** @return list<string> all of which it may take some: its people, and the units of the pools it needs */
    public function takers(RuleBook $book): array
    {
        $units = array_map(
            static fn (Need $need): array => $book->pools[$need->pool]->units,
            $book->services[$this->service]->needs,
        );

        return [...$this->staff, ...array_merge(...$units)];
    }

    /**
     * The rule book with the service as an appointment of all who hold it: what the search then offers is when it can
     * be held. Units that each person needs are needed for all places.
     *
     * @param  int  $minute of the day at which it is to start
     */
    public function asAppointment(RuleBook $book, int $minute): RuleBook
    {
        $service = $book->services[$this->service];
        foreach (self::GRIDS as $grid) {
            if ($minute % $grid === 0) {
                break;
            }
        }
        $as = [
            'lengths' => Lengths::fixed($this->minutes),
            'hasSessions' => false,
            'startEvery' => $grid,
            'gridFromOpening' => false,
            'locations' => [$this->location],
            'staff' => $this->staff,
            'assignment' => Assignment::All,
            'needs' => array_map(
                fn (Need $need): Need => new Need(
                    $need->pool,
                    $need->unitsFor($this->places),
                    holdsBuffers: $need->holdsBuffers,
                ),
                $service->needs,
            ),
            'places' => 1,
            'maxParty' => null,
        ];
        // @phpstan-ignore argument.type (its own properties, by their names)
        $appointment = new Service(...$as + get_object_vars($service));

        return $book->with(services: [$service->id => $appointment] + $book->services);
    }
}
