<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

use function array_diff_key;
use function array_is_list;
use function count;
use function is_array;
use function is_int;
use function is_string;
use function strlen;

/**
 * Reads bookings that take time of their own and have nothing unusual or wrong about them, each in one go: there may be
 * a hundred thousand. All others are read key by key (DiaryReader), so that what is wrong with them can be told.
 */
final class PlainBookings
{
    private const KEYS = [
        'id' => 1,
        'service' => 1,
        'start' => 1,
        'minutes' => 1,
        'setup' => 1,
        'clearup' => 1,
        'staff' => 1,
        'location' => 1,
        'units' => 1,
        'party' => 1,
        'client' => 1,
        'state' => 1,
        'createdAt' => 1,
    ];

    /** @var array<string, mixed> by id, as all of these */
    private readonly array $services;

    /** @var array<string, mixed> */
    private readonly array $locations;

    /** @var array<string, mixed> */
    private readonly array $staff;

    /** @var array<string, State> those that need no further word; a held one says until when */
    private readonly array $states;

    /** @var array<string, int> those read before: many are made in one minute, and many begin in one */
    private array $instants = [];

    /**
     * @param  array<string, mixed>  $units
     * @param  array<string, mixed>  $clients
     */
    public function __construct(RuleBook $book, private readonly array $units, private readonly array $clients)
    {
        $this->services = $book->services;
        $this->locations = $book->locations;
        $this->staff = $book->staff;
        $states = [];
        foreach (State::cases() as $state) {
            if ($state !== State::Held) {
                $states[$state->value] = $state;
            }
        }
        $this->states = $states;
    }

    /**
     * @param  array<mixed>  $given
     * @return Booking|null null: it is to be read carefully
     */
    public function read(array $given): ?Booking
    {
        $id = $given['id'] ?? null;
        $service = $given['service'] ?? null;
        $location = $given['location'] ?? null;
        $client = $given['client'] ?? null;
        $start = $given['start'] ?? null;
        $minutes = $given['minutes'] ?? null;
        $setup = $given['setup'] ?? 0;
        $clearup = $given['clearup'] ?? 0;
        $party = $given['party'] ?? 1;
        $createdAt = $given['createdAt'] ?? null;
        $state = $given['state'] ?? 'confirmed';
        $staff = $given['staff'] ?? [];
        $units = $given['units'] ?? [];
        if (
            ! is_string($id) ||
            $id === '' ||
            strlen($id) > Node::LONGEST ||
            ! is_string($service) ||
            ! isset($this->services[$service]) ||
            ! is_string($start) ||
            ! is_string($createdAt) ||
            ! is_string($state) ||
            ! isset($this->states[$state]) ||
            ! is_int($minutes) ||
            $minutes < 1 ||
            $minutes > ServiceReader::LONGEST ||
            ! is_int($setup) ||
            $setup < 0 ||
            $setup > ServiceReader::LONGEST ||
            ! is_int($clearup) ||
            $clearup < 0 ||
            $clearup > ServiceReader::LONGEST ||
            ! is_int($party) ||
            $party < 1 ||
            $party > DiaryReader::LARGEST ||
            ($location !== null && (! is_string($location) || ! isset($this->locations[$location]))) ||
            ($client !== null && (! is_string($client) || ! isset($this->clients[$client]))) ||
            ($staff !== [] && ! self::areKnown($staff, $this->staff)) ||
            ($units !== [] && ! self::areKnown($units, $this->units)) ||
            array_diff_key($given, self::KEYS) !== []
        ) {
            return null;
        }
        try {
            return new Booking(
                id: $id,
                service: $service,
                start: $this->instants[$start] ??= Wall::instant($start),
                minutes: $minutes,
                setup: $setup,
                clearup: $clearup,
                staff: $staff,
                location: $location,
                units: $units,
                party: $party,
                state: $this->states[$state],
                heldUntil: null,
                createdAt: $this->instants[$createdAt] ??= Wall::instant($createdAt),
                doubleBooked: false,
                client: $client,
            );
        } catch (InvalidTime) {
            return null;
        }
    }

    /**
     * Whether each of them is known and stands there once.
     *
     * @param  array<string, mixed>  $known
     *
     * @phpstan-assert-if-true list<string> $ids
     */
    private static function areKnown(mixed $ids, array $known): bool
    {
        if (! is_array($ids) || ! array_is_list($ids)) {
            return false;
        }
        if (count($ids) === 1) {
            return is_string($ids[0]) && isset($known[$ids[0]]);
        }
        $seen = [];
        foreach ($ids as $id) {
            if (! is_string($id) || ! isset($known[$id]) || isset($seen[$id])) {
                return false;
            }
            $seen[$id] = true;
        }

        return count($seen) > 0;
    }
}
