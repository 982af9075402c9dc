<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Bookings\ConfirmBooking;
use App\Bookings\Details;
use App\Bookings\History;
use App\Bookings\HoldTime;
use App\Facts\Badge;
use App\Language\Catalogue;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Location;
use App\Models\Member;
use App\Models\Payment;
use App\Models\Pool;
use App\Models\Service;
use App\Models\Unit;
use App\Models\User;
use App\Payments\Notices;
use App\Payments\OpenCheckouts;
use App\Payments\SettleOpen;
use App\Roster\Assigned;
use App\Sales\SellBooking;
use App\Support\Clock;
use App\Times\Choice;
use App\Times\Wish;
use Illuminate\Support\Facades\DB;
use YardBell\Core\Booking\State;
use YardBell\Core\Time\Wall;

/** A small business to test with: open from 9 to 17 every day, an hour's lesson every half hour, Ana and Bo. */
final readonly class Yard
{
    /** @param  list<Member>  $staff */
    private function __construct(
        public User $owner,
        public Business $business,
        public array $staff,
        public Service $lesson,
    ) {
    }

    /** @param  array<string, mixed>  $service */
    public static function open(array $service = [], string $slug = 'yard', int $people = 1): self
    {
        $owner = User::query()->create([
            'name' => "Owner of {$slug}",
            'email' => "owner@{$slug}.example",
            'password' => 'clay-and-water',
            'email_verified_at' => now(),
        ]);
        $business = Business::query()->create([
            'slug' => $slug,
            'name' => ucfirst($slug),
            'about' => '',
            'time_zone' => 'Atlantic/Reykjavik', // whose clocks show UTC all year: tests say 10:00 and mean it
            'currency' => 'EUR',
            'published_at' => now(),
            'opening_hours' => array_fill_keys(Wall::WEEKDAYS, [['from' => '09:00', 'to' => '17:00']]),
        ]);
        $business->users()->attach($owner->id, ['role' => 'owner']);
        Location::query()->create(['business_id' => $business->id, 'name' => 'Yard', 'address' => '1 Yard Lane']);
        $staff = array_map(
            static fn (int $i): Member => Member::query()->create([
                'business_id' => $business->id,
                'name' => ['Ana Reed', 'Bo Marsh', 'Cy Fenn'][$i],
                'email' => ['ana', 'bo', 'cy'][$i]."@{$slug}.example",
                'position' => $i,
                ...Badge::next($i),
            ]),
            range(0, $people - 1),
        );

        return new self($owner, $business->refresh(), $staff, self::offer($business, $service, $staff));
    }

    /**
     * A service of the business, at its first location.
     *
     * @param  array<string, mixed>  $service columns; "price", "priceKind" and "payment" are short for pricing and
     *   terms
     * @param  list<Member>  $staff
     */
    public static function offer(Business $business, array $service, array $staff): Service
    {
        $priced = [
            'pricing' => self::pricing($service['price'] ?? 0, $service['priceKind'] ?? 'fixed'),
            'payment_terms' => self::payment($service['payment'] ?? 'none'),
        ];
        $made = Service::query()->create(
            array_diff_key($service, ['price' => 1, 'priceKind' => 1, 'payment' => 1]) +
                $priced + [
                    'business_id' => $business->id,
                    'name' => 'Lesson',
                    'description' => '',
                    'minutes' => 60,
                    'start_every' => 30,
                    'position' => $business->services()->count(),
                ],
        );
        app(Assigned::class)->set(
            $business->id,
            $made->id,
            'staff',
            array_map(static fn (Member $member): string => $member->id, $staff),
        );
        app(Assigned::class)->set($business->id, $made->id, 'location', $business->locations()->pluck('id')->all());
        Business::rulesChanged($business->id);

        return $made->refresh();
    }

    /** @return array<string, mixed> */
    public static function pricing(int $amount, string $kind = 'fixed'): array
    {
        return [
            'kind' => $kind,
            'amount' => $amount,
            'byMinutes' => [],
            'perStep' => null,
            'byStaff' => [],
            'perPerson' => false,
            'extraPeople' => [],
            'extraPeopleStaff' => [],
            'frequency' => [],
            'excludeSurcharges' => [],
            'taxRates' => [],
        ];
    }

    /** @return array{kind: string, amount: int|null, percent: string|null} */
    public static function payment(string $kind, ?int $amount = null, ?string $percent = null): array
    {
        return ['kind' => $kind, 'amount' => $amount, 'percent' => $percent];
    }

    /** An instant on the day after tomorrow, as clocks show it there: "10:00". */
    public static function at(string $time, int $days = 2): string
    {
        return app(Clock::class)->now()->addDays($days)->format('Y-m-d').'T'.$time.'Z';
    }

    /**
     * What the worker's money lane does, as if it were time to ask: pages are opened, and what became of payments is
     * asked for.
     */
    public static function settle(): void
    {
        app(OpenCheckouts::class)();
        Payment::query()->update(['ask_at' => null]);
        app(Notices::class)();
        app(SettleOpen::class)();
    }

    /** As if nothing had stood before its being booked. */
    public static function sold(Booking $booking): void
    {
        $booking->update(['state' => State::Confirmed, 'held_until' => null]);
        app(SellBooking::class)($booking, History::BY_CLIENT);
    }

    /** Somebody who signs in with a role. */
    public function somebody(string $role, ?string $staff = null): User
    {
        $user = User::query()->create([
            'name' => ucfirst($role),
            'email' => "{$role}.of.{$this->business->slug}@post.example",
            'password' => 'clay-and-water',
            'email_verified_at' => now(),
        ]);
        $this->business->users()->attach($user->id, ['role' => $role, 'staff_id' => $staff]);

        return $user;
    }

    /**
     * Units that the lesson needs one of, or one for each who comes.
     *
     * @param  list<string>  $units names, in the order they are taken
     */
    public function pool(array $units, bool $perPerson = false): void
    {
        $of = ['business_id' => $this->business->id];
        $pool = Pool::query()->create($of + ['name' => 'Wheels']);
        foreach ($units as $i => $unit) {
            Unit::query()->create($of + ['pool_id' => $pool->id, 'name' => $unit, 'position' => $i]);
        }
        DB::table('service_pool')->insert($of + [
            'service_id' => $this->lesson->id,
            'pool_id' => $pool->id,
            'position' => 0,
            'units' => 1,
            'per_person' => $perPerson,
        ]);
        Business::rulesChanged($this->business->id);
        $this->business->refresh();
    }

    /** As a client holds it, from nowhere that is counted. */
    public function hold(string $time, int $days = 2): Booking
    {
        $wish = new Wish(new Choice($this->lesson->id), Wall::instant(self::at($time, $days)));
        $held = app(HoldTime::class)($this->business, $wish);
        $held->update(['locale' => app(Catalogue::class)->locale()]);

        return $held;
    }

    public function book(string $time, string $email = 'kim@post.example', int $days = 2): Booking
    {
        $booking = $this->hold($time, $days);
        app(ConfirmBooking::class)($this->business, $booking, new Details('Kim Post', $email));
        app(OpenCheckouts::class)();

        return $booking->refresh();
    }
}
