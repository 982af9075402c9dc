<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Session;
use YardBell\Core\Price\Client;
use YardBell\Core\Price\Item;
use YardBell\Core\Price\KnownBooking;
use YardBell\Core\Price\Order;

use function array_column;
use function array_flip;
use function in_array;
use function is_string;

/** Reads what a quote is asked for (rules.md P12). */
final readonly class QuoteRequest
{
    private const KEYS = [
        'service',
        'session',
        'minutes',
        'staff',
        'client',
        'start',
        'party',
        'addOns',
        'codes',
        'credit',
        'payNow',
        'orderedAt',
        'others',
        'replaces',
        'codesUsed',
    ];

    private function __construct(public string $service, public Item $visit, public Order $order)
    {
    }

    /** @throws BadDocument with every problem found */
    public static function read(string $json, Scenario $scenario): self
    {
        $problems = new Problems();
        $node = new Node(Requested::object($json), '', $problems, self::KEYS);
        $service = $node->id('service', $scenario->book->services, 'service');
        $session = self::session($node, $scenario, $service);
        $orderedAt = $node->instant('orderedAt');
        $order = self::order($node, $scenario, $orderedAt);
        $start = $session->start ?? ($node->has('session') ? 0 : $node->instant('start'));
        $staff = $session->staff ?? $node->ids('staff', $scenario->book->staff, 'staff member');
        $addOns = self::addOns($node, $scenario->tariffs[$service]->addOns ?? []);
        $minutes = $session->minutes ?? $node->numberOrNull('minutes', 1, ServiceReader::LONGEST);
        $party = $node->number('party', 1, DiaryReader::LARGEST, 1);
        [$credit, $payNow] = [$node->flag('credit', false), $node->flag('payNow', false)];
        $problems->throwIfAny();

        return new self(
            $service,
            new Item(
                minutes: $minutes,
                staff: $staff,
                party: $party,
                addOns: $addOns,
                payNow: $payNow,
                start: $start,
                isSession: $session !== null,
                byCredit: $credit,
            ),
            $order,
        );
    }

    private static function session(Node $node, Scenario $scenario, string $service): ?Session
    {
        $hasSessions = ($scenario->book->services[$service] ?? null)?->hasSessions === true;
        if (! $node->has('session')) {
            if ($hasSessions) {
                $node->refuse('session', 'it is missing: a visit of this service is one of a session.');
            }

            return null;
        }
        foreach (['start', 'minutes', 'staff'] as $key) {
            if ($node->has($key)) {
                $node->refuse($key, 'a visit of a session takes this from the session.');
            }
        }
        $sessions = array_column($scenario->diary->sessions, null, 'id');
        $session = $sessions[$node->id('session', $sessions, 'session')] ?? null;
        if ($session !== null && $session->service !== $service) {
            $node->refuse('service', 'it must be the service of its session.');
        }

        return $session;
    }

    /**
     * @param  array<string, mixed>  $known
     * @return array<string, int> quantity by id
     */
    private static function addOns(Node $node, array $known): array
    {
        $addOns = [];
        foreach ($node->nodes('addOns', ['id', 'quantity']) as $one) {
            $id = $one->id('id', $known, 'add-on of this service');
            if (isset($addOns[$id])) {
                $one->refuse('id', "\"{$id}\" stands here twice.");
            }
            $addOns[$id] = $one->number('quantity', 1, DiaryReader::LARGEST);
        }

        return $addOns;
    }

    private static function order(Node $node, Scenario $scenario, int $orderedAt): Order
    {
        $others = [];
        foreach ($node->nodes('others', ['service', 'start']) as $other) {
            $others[] = new KnownBooking(
                $other->id('service', $scenario->book->services, 'service'),
                $other->instant('start'),
            );
        }
        $codesUsed = AmountReader::table($node, 'codesUsed', $scenario->prices->codes, 'code');

        return new Order(
            client: self::client($node, $scenario, $orderedAt),
            day: $scenario->book->zone->day($orderedAt),
            codes: self::codes($node),
            others: $others,
            codesUsed: $codesUsed,
        );
    }

    /** @return list<string> as they are spelt, also the same one twice */
    private static function codes(Node $node): array
    {
        $codes = [];
        foreach ($node->items('codes') as $i => $code) {
            if (is_string($code)) {
                $codes[] = $code;
            } else {
                $node->problems->add("{$node->at('codes')}/{$i}", 'a code is a text.');
            }
        }

        return $codes;
    }

    private static function client(Node $node, Scenario $scenario, int $orderedAt): ?Client
    {
        $bookings = array_flip($scenario->bookingIds);
        $replaces = $node->ids('replaces', $bookings, 'booking');
        $id = $node->idOrNull('client', $scenario->clients, 'client');
        if ($id === null) {
            return null;
        }
        $visits = [];
        foreach ($scenario->diary->bookings as $booking) {
            if (
                $booking->client === $id &&
                $booking->holdsTime($orderedAt) &&
                ! in_array($booking->id, $replaces, true)
            ) {
                $visits[] = new KnownBooking($booking->service, $booking->start);
            }
        }
        $sessions = array_column($scenario->diary->sessions, null, 'id');
        foreach ($scenario->diary->seats as $seat) {
            $session = $sessions[$seat->session];
            if (
                $seat->client === $id &&
                ! $session->cancelled &&
                $seat->state->holdsTime($seat->heldUntil, $orderedAt) &&
                ! in_array($seat->id, $replaces, true)
            ) {
                $visits[] = new KnownBooking($session->service, $session->start);
            }
        }

        return new Client($id, $scenario->prices->clientRates[$id] ?? [], $visits);
    }
}
