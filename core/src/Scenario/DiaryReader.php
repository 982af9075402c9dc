<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Booking;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Seat;
use YardBell\Core\Availability\Session;
use YardBell\Core\Booking\State;

/** Reads sessions and bookings. */
final class DiaryReader
{
    /** Largest session, in places. */
    private const LARGEST = 100_000;

    /** @var array<string, true> */
    private array $units = [];

    /** @var array<string, true> */
    private array $clients = [];

    public function __construct(private readonly RuleBook $book)
    {
        foreach ($book->pools as $pool) {
            $this->units += array_fill_keys($pool->units, true);
        }
    }

    public function diary(Node $document): Diary
    {
        foreach ($document->nodes('clients', ['id', 'name', 'rates']) as $node) {
            $this->clients[Reader::newId($node, $this->clients)] = true;
        }
        $sessions = $this->sessions($document);
        [$bookings, $seats] = [[], []];
        $known = [];
        foreach ($document->nodes('bookings', Keys::BOOKING) as $node) {
            $id = Reader::newId($node, $known);
            $known[$id] = true;
            $node->idOrNull('client', $this->clients, 'client');
            $node->instant('createdAt');
            $state = State::from($node->choice('state', array_column(State::cases(), 'value'), 'confirmed'));
            if ($state === State::Held && ! $node->has('heldUntil')) {
                $node->refuse('heldUntil', 'a held booking says until when.');
            }
            if ($node->has('session')) {
                $seats[] = $this->seat($node, $id, $state, $sessions);
            } else {
                $bookings[] = $this->booking($node, $id, $state);
            }
        }

        return new Diary($bookings, array_values($sessions), $seats);
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

        return new Seat($id, $session, $node->number('party', 1, self::LARGEST, 1), $state, $node->instantOrNull('heldUntil'));
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
        );
    }
}
