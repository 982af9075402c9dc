<?php

declare(strict_types=1);

namespace App\Times;

use App\Models\Business;
use App\Support\Clock;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Diary;
use YardBell\Core\Availability\Reason;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Availability\WhyNot;

/** Asks the core what can be booked, with what the database says now. */
final readonly class Bookable
{
    /** Days after the wished one that are looked through for something else. */
    private const NEAR_DAYS = 3;

    /** The rules that others stand in the way by: their bookings, their units, their number, their places. */
    private const TAKEN = ['T6', 'T7', 'T9', 'T12', 'T14', 'T15'];

    public function __construct(private RulesReader $rules, private Clock $clock)
    {
    }

    /**
     * @param  string  $without id of a booking that is not in the way: it is what is changed
     * @return list<Slot> what is offered at exactly this instant
     */
    public function at(Business $business, RuleBook $book, Wish $wish, string $without = ''): array
    {
        if (! isset($book->services[$wish->choice->service])) {
            return [];
        }
        $ask = $wish->onItsDay($book->zone, $this->clock->minute());
        $diary = $this->rules->diary($business, $book, $ask, turn: $wish->choice->member === null);

        return array_values(
            array_filter(
                (new SlotSearch($book, $wish->override->left($diary->without($without))))->slots($ask),
                static fn (Slot $slot): bool => $slot->start === $wish->start,
            ),
        );
    }

    /** The row this wish gets: the one whose turn it is (rules.md T16), or any where that is drawn. */
    public function wanted(Business $business, RuleBook $book, Wish $wish): ?Slot
    {
        $slots = $this->at($business, $book, $wish);
        foreach ($slots as $slot) {
            if ($slot->next === true) {
                return $slot;
            }
        }

        return $slots === [] ? null : $slots[$slots[0]->next === null ? random_int(0, count($slots) - 1) : 0];
    }

    /** Whether others have it, and nothing else speaks against it (rules.md T19), for one who could take it. */
    public function isTaken(Business $business, Wish $wish): bool
    {
        $book = $this->rules->book($business);
        $ask = $wish->onItsDay($book->zone, $this->clock->minute());
        if (! $book->knows($ask)) {
            return false;
        }
        $diary = $wish->override->left($this->rules->diary($business, $book, $ask, turn: false));

        return self::othersHave($book, $diary, $ask, $wish->start);
    }

    /** The same of what is asked of the core. */
    public static function othersHave(RuleBook $book, Diary $diary, Ask $ask, int $start): bool
    {
        foreach ((new WhyNot($book, $diary, asksResting: false))->verdicts($ask, $start) as $verdict) {
            $rules = array_map(static fn (Reason $reason): string => $reason->rule, $verdict->reasons);
            if ($rules !== [] && array_diff($rules, self::TAKEN) === []) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Slot> the free starts closest to the wished one, in order of time */
    public function near(Business $business, Wish $wish, int $count = 4): array
    {
        $book = $this->rules->book($business);
        if (! isset($book->services[$wish->choice->service])) {
            return [];
        }
        $now = $this->clock->minute();
        $day = $book->zone->day($wish->start);
        $from = max($day - 1, $book->zone->day($now));
        $ask = $wish->choice->during($from, $day + self::NEAR_DAYS, $now, $wish->relaxed);
        $slots = [];
        foreach (
            (new SlotSearch($book, $this->rules->diary($business, $book, $ask, turn: false)))->slots($ask) as $slot
        ) {
            if ($slot->start >= $now) {
                $slots[$slot->start] ??= $slot;
            }
        }
        unset($slots[$wish->start]);
        usort(
            $slots,
            static fn (Slot $a, Slot $b): int => abs($a->start - $wish->start) <=> abs($b->start - $wish->start),
        );
        $near = array_slice($slots, 0, $count);
        usort($near, static fn (Slot $a, Slot $b): int => $a->start <=> $b->start);

        return $near;
    }
}
