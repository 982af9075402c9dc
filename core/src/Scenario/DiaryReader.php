<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use stdClass;
use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Seat;
use YardBell\Core\Availability\Session;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\InvalidTime;
use YardBell\Core\Time\Wall;

use function array_diff_key;
use function array_fill_keys;
use function array_is_list;
use function array_values;
use function count;
use function is_array;
use function is_int;
use function is_string;
use function strlen;

/** Reads sessions and bookings. */
final class DiaryReader
{
    /** Largest session, in places. */
    private const LARGEST = 100_000;

    /** Keys of a booking that takes time of its own, as most do. */
    private const PLAIN = ['id' => 1, 'service' => 1, 'start' => 1, 'minutes' => 1, 'setup' => 1, 'clearup' => 1, 'staff' => 1, 'location' => 1,
        'units' => 1, 'party' => 1, 'client' => 1, 'state' => 1, 'createdAt' => 1];

    private const STATES = ['held', 'pending', 'confirmed', 'arrived', 'started', 'completed', 'no_show', 'cancelled', 'declined', 'expired'];

    /** @var array<string, true> */
    private array $units = [];

    /** @var array<string, string> names */
    private array $clients = [];

    /** @var array<string, State> those that need no further word; a held one says until when */
    private array $states = [];

    public function __construct(private readonly RuleBook $book)
    {
        foreach ($book->pools as $pool) {
            $this->units += array_fill_keys($pool->units, true);
        }
        foreach (State::cases() as $state) {
            if ($state !== State::Held) {
                $this->states[$state->value] = $state;
            }
        }
    }

    public function diary(Node $document): Diary
    {
        foreach ($document->nodes('clients', ['id', 'name', 'rates']) as $node) {
            $id = Reader::newId($node, $this->clients);
            $this->clients[$id] = $node->text('name', $id);
        }
        $sessions = $this->sessions($document);
        [$bookings, $seats] = [[], []];
        foreach ($document->items('bookings') as $i => $item) {
            $plain = $item instanceof stdClass ? $this->plain((array) $item) : null;
            if ($plain !== null && ! isset($bookings[$plain->id]) && ! isset($seats[$plain->id])) {
                $bookings[$plain->id] = $plain;

                continue;
            }
            $node = $document->item('bookings', $i, $item, Keys::BOOKING);
            if ($node === null) {
                continue;
            }
            $id = Reader::newId($node, $bookings, $seats);
            $state = State::from($node->choice('state', self::STATES, 'confirmed'));
            if ($state === State::Held && ! $node->has('heldUntil')) {
                $node->refuse('heldUntil', 'a held booking says until when.');
            }
            if ($node->has('session')) {
                $seats[$id] = $this->seat($node, $id, $state, $sessions);
            } else {
                $bookings[$id] = $this->booking($node, $id, $state);
            }
        }

        return new Diary(array_values($bookings), array_values($sessions), array_values($seats));
    }

    /** @return array<string, string> names by id, once the diary is read */
    public function clients(): array
    {
        return $this->clients;
    }

    /** @return array<string, Session> */
    private function sessions(Node $document): array
    {
        $sessions = [];
        foreach ($document->nodes('sessions', Keys::SESSION) as $node) {
            $id = Reader::newId($node, $sessions);
            $service = $this->book->services[$node->id('service', $this->book->services, 'service')] ?? null;
            if ($service !== null && ! $service->hasSessions) {
                $node->refuse('service', "service \"{$service->id}\" is not of kind session.");
            }
            $staff = array_fill_keys($service->staff ?? [], true);
            $locations = array_fill_keys($service->locations ?? [], true);
            $sessions[$id] = new Session(
                $id,
                $service->id ?? '',
                $node->instant('start'),
                $node->number('minutes', 1, ServiceReader::LONGEST),
                $node->ids('staff', $staff, 'staff member of its service'),
                $node->idOrNull('location', $locations, 'location of its service'),
                $node->ids('units', $this->units, 'unit'),
                $node->number('places', 1, self::LARGEST),
                $node->choice('state', ['scheduled', 'cancelled'], 'scheduled') === 'cancelled',
            );
        }

        return $sessions;
    }

    /** @param  array<string, Session>  $sessions */
    private function seat(Node $node, string $id, State $state, array $sessions): Seat
    {
        $session = $node->id('session', $sessions, 'session');
        foreach (['start', 'minutes', 'staff', 'location', 'units'] as $key) {
            if ($node->has($key)) {
                $node->refuse($key, 'a booking of a session takes this from the session.');
            }
        }
        $service = $node->id('service', $this->book->services, 'service');
        if (isset($sessions[$session]) && $sessions[$session]->service !== $service) {
            $node->refuse('service', 'it must be the service of its session.');
        }

        return new Seat(
            $id,
            $session,
            $node->number('party', 1, self::LARGEST, 1),
            $state,
            $node->instantOrNull('heldUntil'),
            $node->instant('createdAt'),
            $node->idOrNull('client', $this->clients, 'client'),
        );
    }

    /**
     * A booking without anything unusual or wrong about it, in one go: there may be a hundred thousand. Null: it is to be
     * read carefully, key by key.
     *
     * @param  array<mixed>  $given
     */
    private function plain(array $given): ?Booking
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
        $named = $given['state'] ?? 'confirmed';
        $state = is_string($named) ? $this->states[$named] ?? null : null;
        $ordinary = $state !== null && array_diff_key($given, self::PLAIN) === []
            && is_string($id) && $id !== '' && strlen($id) <= Node::LONGEST
            && is_string($service) && isset($this->book->services[$service])
            && is_int($minutes) && $minutes >= 1 && $minutes <= ServiceReader::LONGEST
            && is_int($setup) && $setup >= 0 && $setup <= ServiceReader::LONGEST
            && is_int($clearup) && $clearup >= 0 && $clearup <= ServiceReader::LONGEST
            && is_int($party) && $party >= 1 && $party <= self::LARGEST
            && ($location === null || (is_string($location) && isset($this->book->locations[$location])))
            && ($client === null || (is_string($client) && isset($this->clients[$client])))
            && is_string($start) && is_string($createdAt);
        $staff = self::known($given['staff'] ?? [], $this->book->staff);
        $units = self::known($given['units'] ?? [], $this->units);
        if (! $ordinary || $staff === null || $units === null) {
            return null;
        }
        try {
            return new Booking($id, $service, Wall::instant($start), $minutes, $setup, $clearup, $staff, $location, $units, $party, $state, null,
                Wall::instant($createdAt), false, $client);
        } catch (InvalidTime) {
            return null;
        }
    }

    /**
     * @param  array<string, mixed>  $known
     * @return list<string>|null null unless each of them is known and stands there once
     */
    private static function known(mixed $ids, array $known): ?array
    {
        if (! is_array($ids) || ! array_is_list($ids)) {
            return null;
        }
        if (count($ids) === 1) {
            return is_string($ids[0]) && isset($known[$ids[0]]) ? $ids : null;
        }
        $seen = [];
        foreach ($ids as $id) {
            if (! is_string($id) || ! isset($known[$id]) || isset($seen[$id])) {
                return null;
            }
            $seen[$id] = true;
        }

        return $ids;
    }

    private function booking(Node $node, string $id, State $state): Booking
    {
        return new Booking(
            $id,
            $node->id('service', $this->book->services, 'service'),
            $node->instant('start'),
            $node->number('minutes', 1, ServiceReader::LONGEST),
            $node->number('setup', 0, ServiceReader::LONGEST, 0),
            $node->number('clearup', 0, ServiceReader::LONGEST, 0),
            $node->ids('staff', $this->book->staff, 'staff member'),
            $node->idOrNull('location', $this->book->locations, 'location'),
            $node->ids('units', $this->units, 'unit'),
            $node->number('party', 1, self::LARGEST, 1),
            $state,
            $node->instantOrNull('heldUntil'),
            $node->instant('createdAt'),
            $node->flag('doubleBooked', false),
            $node->idOrNull('client', $this->clients, 'client'),
        );
    }
}
