<?php

declare(strict_types=1);

namespace Database\Demonstration;

use App\Bookings\History;
use App\Bookings\QuoteColumns;
use App\Bookings\WriteBooking;
use App\Messages\Announcements;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\Business;
use App\Models\Client;
use App\Models\OutboxEntry;
use App\Models\Service;
use App\Models\Session;
use App\Prices\PriceLists;
use App\Prices\Tariffs;
use App\Support\Clock;
use App\Support\Instants;
use App\Times\RulesReader;
use Random\Engine\Mt19937;
use Random\Randomizer;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Booking\State;
use YardBell\Core\Price\Item;
use YardBell\Core\Time\Wall;

/** Fills the fortnight around today: each booking at a time that the core offers. */
final readonly class Bookings
{
    private const DAYS_BACK = 7;

    private const DAYS_AHEAD = 13;

    /** How often each service is booked once more on the full Saturday, as far as it still fits. */
    private const ROUNDS = 5;

    private const NOTES = ['Left-handed', 'Comes with a pram', 'Wants the same glaze as last time'];

    /** Of a service's people, how many bookings each gets a day, at most. */
    private const PER_PERSON = 0.7;

    public function __construct(
        private RulesReader $rules,
        private WriteBooking $writeBooking,
        private Announcements $announcements,
        private Clock $clock,
        private Tariffs $tariffs,
        private PriceLists $lists,
        private Takings $takings,
    ) {
    }

    /**
     * @param  list<string>  $names
     * @param  array{
     *     service: string, staff: string, location: string, weekdays: array<int, string>, minutes: int, places: int,
     * }|null $sessions
     */
    public function fill(Business $business, array $names, ?array $sessions, int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $clients = array_map(fn (string $name): Client => $this->client($business, $name), $names);
        $book = $this->rules->book($business);
        $today = $book->zone->day($this->clock->minute());
        $turn = 0;
        for ($day = $today - self::DAYS_BACK; $day <= $today + self::DAYS_AHEAD; $day++) {
            if ($day === $today) {
                $this->takings->close($business);
            }
            $this->schedule($business, $book, $sessions, $day);
            $fill = $day <= $today + 1 ? 1.0 : 1.0 - 0.05 * ($day - $today);
            foreach ($business->services()->get() as $service) {
                for (
                    $wanted = $this->wanted($service, count($book->services[$service->id]->staff), $fill, $random);
                    $wanted > 0;
                    $wanted--
                ) {
                    $this->book($business, $book, $service, $day, $clients[$turn++ % count($clients)], $random);
                }
            }
        }
        $this->saturday($business, $book, $today, $clients, new Randomizer(new Mt19937($seed + 1)));
        $this->takings->week($business);
    }

    /**
     * The first Saturday from the day after tomorrow on takes whatever still fits.
     *
     * @param  list<Client>  $clients
     */
    private function saturday(
        Business $business,
        RuleBook $book,
        int $today,
        array $clients,
        Randomizer $random,
    ): void {
        $saturday = $today + 2;
        while (Wall::weekday($saturday) !== 5) {
            $saturday++;
        }
        $turn = 0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            foreach ($business->services()->get() as $service) {
                $this->book($business, $book, $service, $saturday, $clients[$turn++ % count($clients)], $random);
            }
        }
        $booked = Booking::query()
            ->where('business_id', $business->id)
            ->where('starts_at', '>=', Instants::carbon($saturday * Wall::DAY))
            ->where('starts_at', '<', Instants::carbon(($saturday + 1) * Wall::DAY))
            ->orderBy('starts_at')
            ->get();
        foreach ($booked as $i => $booking) {
            if ($i % 3 === 0) {
                $booking->update(['note' => self::NOTES[intdiv($i, 3) % 3]]);
            }
        }
    }

    private function wanted(Service $service, int $people, float $fill, Randomizer $random): int
    {
        return match (true) {
            $service->kind === 'session' => $random->getInt(1, 4),
            $service->places > 1 => $random->getInt(0, 3),
            default => (int) round((self::PER_PERSON * $fill * $people * $random->getInt(6, 14)) / 10),
        };
    }

    private function client(Business $business, string $name): Client
    {
        $mail = strtr(mb_strtolower($name), [' ' => '.']);

        return Client::query()->create([
            'business_id' => $business->id,
            'name' => $name,
            'email' => "{$mail}@post.example",
            'phone' => '+4416329601'.str_pad((string) (crc32($name) % 100), 2, '0', STR_PAD_LEFT),
        ]);
    }

    /**
     * @param  array{
     *     service: string, staff: string, location: string, weekdays: array<int, string>, minutes: int, places: int,
     * }|null $sessions
     */
    private function schedule(Business $business, RuleBook $book, ?array $sessions, int $day): void
    {
        $time = $sessions['weekdays'][Wall::weekday($day)] ?? null;
        if ($sessions === null || $time === null) {
            return;
        }
        $service = $business->services()->where('name', $sessions['service'])->firstOrFail();
        $start = $book->zone->first($day * Wall::DAY + Wall::timeOfDay($time));
        Session::query()->create([
            'business_id' => $business->id,
            'service_id' => $service->id,
            'location_id' => $business->locations()->where('name', $sessions['location'])->value('id'),
            'starts_at' => Instants::carbon($start),
            'minutes' => $sessions['minutes'],
            'taken_from' => Instants::carbon($start - $service->setup),
            'taken_until' => Instants::carbon($start + $sessions['minutes'] + $service->clearup),
            'staff_ids' => [$business->staff()->where('name', $sessions['staff'])->value('id')],
            'units' => [],
            'places' => $sessions['places'],
        ]);
    }

    private function book(
        Business $business,
        RuleBook $book,
        Service $service,
        int $day,
        Client $client,
        Randomizer $random,
    ): void {
        $party = $service->max_party === null ? 1 : $random->getInt(1, min(4, $service->max_party));
        $ask = new Ask(
            $service->id,
            $day,
            $day,
            $this->clock->minute(),
            party: $party,
            relaxed: new Relaxed(notice: true),
        );
        $slots = (new SlotSearch($book, $this->rules->diary($business, $book, $ask, turn: true)))->slots($ask);
        if ($slots !== []) {
            $this->write($business, $service, $slots[$random->getInt(0, count($slots) - 1)], $party, $client, $random);
        }
    }

    private function write(
        Business $business,
        Service $service,
        Slot $slot,
        int $party,
        Client $client,
        Randomizer $random,
    ): void {
        $now = $this->clock->minute();
        $made = min($now - 30, $slot->start - $random->getInt(1, 9) * 1440 - $random->getInt(0, 600));
        $alone = $slot->session === null;
        $course = self::course($slot, $now);
        $quote = $this->lists->quoting($business)->quote(
            $this->tariffs->of($service),
            new Item(
                $slot->end - $slot->start,
                $slot->staff,
                $party,
                start: $slot->start,
                isSession: $slot->session !== null,
            ),
        );
        $booking = Booking::query()->create([
            'business_id' => $business->id,
            'service_id' => $service->id,
            'location_id' => $slot->location,
            'client_id' => $client->id,
            'session_id' => $slot->session,
            'staff_ids' => $alone ? $slot->staff : [],
            'units' => $alone ? $slot->units : [],
            'party' => $party,
            'contact' => ['name' => $client->name, 'email' => $client->email, 'phone' => $client->phone],
            'service_name' => $service->name,
            'starts_at' => Instants::carbon($slot->start),
            'minutes' => $slot->end - $slot->start,
            'setup' => $service->setup,
            'clearup' => $service->clearup,
            'taken_from' => Instants::carbon($slot->start - $service->setup),
            'taken_until' => Instants::carbon($slot->end + $service->clearup),
            'state' => array_key_last($course) ?? State::Confirmed->value,
            'currency' => $business->currency,
            ...QuoteColumns::columns($quote, $service),
            'created_at' => Instants::carbon($made),
            'updated_at' => Instants::carbon($made),
        ]);
        $this->writeBooking->people($booking, $slot->staff, $made, '9999-12-31 00:00:00');
        $this->history($booking, $made, $course);
        $this->takings->of($business, $booking, $quote->dueNow, Instants::carbon($made));
        OutboxEntry::query()->create([
            'business_id' => $business->id,
            'booking_id' => $booking->id,
            'key' => "booked-{$booking->id}",
            'channel' => 'mail',
            'occasion' => 'booked',
            'audience' => 'client',
            'recipient' => $client->email,
            'content' => [],
            'due_at' => Instants::carbon($made),
            'state' => 'sent',
            'attempts' => 1,
            'sent_at' => Instants::carbon($made),
        ]);
        $this->announcements->remind($booking);
    }

    /**
     * How far a visit is by now: what is over is done, what has begun for a while is under way, who comes soon is here;
     * who should have come just now is late.
     *
     * @return array<string, int> instant by state
     */
    private static function course(Slot $slot, int $now): array
    {
        return match (true) {
            $slot->end < $now => ['completed' => $slot->end],
            $slot->start < $now - 20 => ['arrived' => $slot->start - 4, 'started' => $slot->start + 1],
            $slot->start > $now && $slot->start < $now + 50 => ['arrived' => $now - 1],
            default => [],
        };
    }

    /** @param  array<string, int>  $course instant by state */
    private function history(Booking $booking, int $made, array $course): void
    {
        foreach (['held' => $made, 'confirmed' => $made + 2, ...$course] as $state => $at) {
            BookingChange::query()->create([
                'business_id' => $booking->business_id,
                'booking_id' => $booking->id,
                'state' => $state,
                'by' => isset($course[$state]) ? 'Alva Lindqvarn' : History::BY_CLIENT,
                'at' => Instants::carbon($at),
            ]);
        }
    }
}
