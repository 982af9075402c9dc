<?php

declare(strict_types=1);

namespace Database\Demonstration;

use App\Board\DeskTimes;
use App\Bookings\BookAtDesk;
use App\Bookings\Together;
use App\Clients\Guest;
use App\Models\Business;
use App\Models\Client;
use App\Support\Clock;
use App\Times\Choice;
use App\Times\PlanVisit;
use App\Times\RulesReader;
use App\Times\VisitChoice;
use YardBell\Core\Time\Wall;

/** A visit of two services, one after the other, on the first Tuesday from the day after tomorrow on. */
final readonly class OneVisit
{
    private const TUESDAY = 1;

    public function __construct(
        private PlanVisit $plan,
        private BookAtDesk $book,
        private RulesReader $rules,
        private Clock $clock,
    ) {
    }

    /** @param  non-empty-list<string>  $services names, in their order */
    public function make(Business $business, array $services, string $name): void
    {
        $ids = $business->services()->pluck('id', 'name');
        $client = Client::query()->where('business_id', $business->id)->where('name', $name)->firstOrFail();
        $part = static fn (string $service): Choice => new Choice((string) $ids[$service]);
        $choice = new VisitChoice(array_map($part, $services), maxWait: 15);
        $book = $this->rules->book($business);
        $day = $book->zone->day($this->clock->minute()) + 2;
        while (Wall::weekday($day) !== self::TUESDAY) {
            $day++;
        }
        $relaxed = DeskTimes::relaxed();
        foreach ($this->plan->during($business, $book, $choice, $day, $day, $relaxed) as $plan) {
            ($this->book)(
                $business,
                $this->plan->at($business, $choice, $plan->start(), $relaxed),
                new Guest($client->id, '', '', ''),
                '',
                [],
                false,
                'Alva Lindqvarn',
                Together::Visit,
            );

            return;
        }
    }
}
