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

use function array_fill_keys;
use function array_values;

/** Reads sessions and bookings. */
final class DiaryReader
{
    /** Largest session and party, in places. */
    public const LARGEST = 100_000;

    private const STATES = [
        'held',
        'pending',
        'confirmed',
        'arrived',
        'started',
        'completed',
        'no_show',
        'cancelled',
        'declined',
        'expired',
    ];

    /** @var array<string, true> */
    private array $units = [];

    /** @var array<string, string> names */
    private array $clients = [];

    public function __construct(private readonly RuleBook $book)
    {
        foreach ($book->pools as $pool) {
            $this->units += array_fill_keys($pool->units, true);
        }
    }

    public function diary(Node $document): Diary
    {
        foreach ($document->nodes('clients', Keys::CLIENT) as $node) {
            $id = Reader::newId($node, $this->clients);
            $this->clients[$id] = $node->text('name', $id);
        }
        $sessions = $this->sessions($document);
        [$bookings, $seats] = [[], []];
        $plainly = new PlainBookings($this->book, $this->units, $this->clients);
        foreach ($document->items('bookings') as $i => $item) {
            $plain = $item instanceof stdClass ? $plainly->read((array) $item) : null;
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
                id: $id,
                service: $service->id ?? '',
                start: $node->instant('start'),
                minutes: $node->number('minutes', 1, ServiceReader::LONGEST),
                staff: $node->ids('staff', $staff, 'staff member of its service'),
                location: $node->idOrNull('location', $locations, 'location of its service'),
                units: $node->ids('units', $this->units, 'unit'),
                places: $node->number('places', 1, self::LARGEST),
                cancelled: $node->choice('state', ['scheduled', 'cancelled'], 'scheduled') === 'cancelled',
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
            id: $id,
            session: $session,
            party: $node->number('party', 1, self::LARGEST, 1),
            state: $state,
            heldUntil: $node->instantOrNull('heldUntil'),
            createdAt: $node->instant('createdAt'),
            client: $node->idOrNull('client', $this->clients, 'client'),
        );
    }

    private function booking(Node $node, string $id, State $state): Booking
    {
        return new Booking(
            id: $id,
            service: $node->id('service', $this->book->services, 'service'),
            start: $node->instant('start'),
            minutes: $node->number('minutes', 1, ServiceReader::LONGEST),
            setup: $node->number('setup', 0, ServiceReader::LONGEST, 0),
            clearup: $node->number('clearup', 0, ServiceReader::LONGEST, 0),
            staff: $node->ids('staff', $this->book->staff, 'staff member'),
            location: $node->idOrNull('location', $this->book->locations, 'location'),
            units: $node->ids('units', $this->units, 'unit'),
            party: $node->number('party', 1, self::LARGEST, 1),
            state: $state,
            heldUntil: $node->instantOrNull('heldUntil'),
            createdAt: $node->instant('createdAt'),
            doubleBooked: $node->flag('doubleBooked', false),
            client: $node->idOrNull('client', $this->clients, 'client'),
        );
    }
}
