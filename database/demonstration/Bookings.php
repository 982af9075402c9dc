<?php

declare(strict_types=1);

namespace Database\Demonstration;

use App\Bookings\RulesReader;
use App\Messages\Outbox;
use App\Models\Booking;
use App\Models\BookingChange;
use App\Models\Business;
use App\Models\Client;
use App\Models\OutboxEntry;
use App\Models\Payment;
use App\Models\Service;
use App\Support\Clock;
use App\Support\Instants;
use Illuminate\Database\ConnectionInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Booking\State;

/** Fills the fortnight around today: each booking at a time that the core offers. */
final readonly class Bookings
{
    private const DAYS_BACK = 7;

    private const DAYS_AHEAD = 13;

    /** Of a service's people, how many bookings each gets a day, at most. */
    private const PER_PERSON = 0.9;

    public function __construct(private ConnectionInterface $db, private RulesReader $rules, private Outbox $outbox, private Clock $clock)
    {
    }

    /** @param  list<string>  $names */
    public function fill(Business $business, array $names, int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $clients = array_map(fn (string $name): Client => $this->client($business, $name), $names);
        $book = $this->rules->book($business);
        $today = $book->zone->day($this->clock->minute());
        $turn = 0;
        for ($day = $today - self::DAYS_BACK; $day <= $today + self::DAYS_AHEAD; $day++) {
            $fill = self::PER_PERSON * ($day <= $today + 1 ? 1.0 : 1.0 - 0.05 * ($day - $today));
            foreach ($business->services()->get() as $service) {
                $wanted = (int) round($fill * count($book->services[$service->id]->staff) * $random->getInt(6, 14) / 10);
                for ($i = 0; $i < $wanted; $i++) {
                    $diary = $this->rules->diary($business, $book, $day, $day, $service->id);
                    $ask = new Ask($service->id, $day, $day, $this->clock->minute(), relaxed: new Relaxed(notice: true));
                    $slots = (new SlotSearch($book, $diary))->slots($ask);
                    if ($slots !== []) {
                        $slot = $slots[$random->getInt(0, count($slots) - 1)];
                        $this->write($business, $service, $slot, $clients[$turn++ % count($clients)], $random);
                    }
                }
            }
        }
    }

    private function client(Business $business, string $name): Client
    {
        $mail = strtr(mb_strtolower($name), [' ' => '.']);

        return Client::query()->create(['business_id' => $business->id, 'name' => $name, 'email' => "{$mail}@post.example",
            'phone' => '+4416329601'.str_pad((string) (crc32($name) % 100), 2, '0', STR_PAD_LEFT)]);
    }

    private function write(Business $business, Service $service, Slot $slot, Client $client, Randomizer $random): void
    {
        $now = $this->clock->minute();
        $made = min($now - 30, $slot->start - $random->getInt(1, 9) * 1440 - $random->getInt(0, 600));
        $booking = Booking::query()->create([
            'business_id' => $business->id, 'service_id' => $service->id, 'location_id' => $slot->location, 'client_id' => $client->id, 'staff_ids' => $slot->staff, 'units' => $slot->units,
            'contact' => ['name' => $client->name, 'email' => $client->email, 'phone' => $client->phone],
            'service_name' => $service->name, 'starts_at' => Instants::carbon($slot->start), 'minutes' => $service->minutes,
            'setup' => $service->setup, 'clearup' => $service->clearup, 'taken_from' => Instants::carbon($slot->start - $service->setup),
            'taken_until' => Instants::carbon($slot->end + $service->clearup), 'state' => $slot->end < $now ? State::Completed : State::Confirmed,
            'price' => $service->price, 'currency' => $business->currency, 'payment' => $service->payment,
            'created_at' => Instants::carbon($made), 'updated_at' => Instants::carbon($made),
        ]);
        $this->db->table('booking_staff')->insert(array_map(static fn (string $member): array => [
            'business_id' => $business->id, 'booking_id' => $booking->id, 'staff_id' => $member, 'service_id' => $service->id,
            'made_at' => Instants::toDatabase($made), 'holds_until' => '9999-12-31 00:00:00',
        ], $slot->staff));
        $this->history($booking, $made, $slot->end < $now ? $slot->end : null);
        if ($service->payment === 'full') {
            Payment::query()->create(['business_id' => $business->id, 'booking_id' => $booking->id, 'amount' => $service->price, 'currency' => $business->currency, 'state' => 'paid']);
        }
        OutboxEntry::query()->create([
            'business_id' => $business->id, 'booking_id' => $booking->id, 'key' => "booked-{$booking->id}", 'channel' => 'mail', 'occasion' => 'booked',
            'audience' => 'client', 'recipient' => $client->email, 'content' => [], 'due_at' => Instants::carbon($made), 'state' => 'sent', 'attempts' => 1, 'sent_at' => Instants::carbon($made),
        ]);
        $this->outbox->remind($booking);
    }

    private function history(Booking $booking, int $made, ?int $done): void
    {
        foreach (['held' => $made, 'confirmed' => $made + 2, 'completed' => $done] as $state => $at) {
            if ($at !== null) {
                BookingChange::query()->create(['business_id' => $booking->business_id, 'booking_id' => $booking->id, 'state' => $state,
                    'by' => $state === 'completed' ? 'Alva Lindqvarn' : 'client', 'at' => Instants::carbon($at)]);
            }
        }
    }
}
