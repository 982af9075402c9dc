<?php

declare(strict_types=1);

namespace App\Board;

use App\Access\Access;
use App\Bookings\Choice;
use App\Bookings\RulesReader;
use App\Models\Business;
use App\Support\Clock;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Relaxed;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Availability\Verdict;
use YardBell\Core\Time\Wall;

/**
 * What fits while somebody stands at the desk or waits on the telephone: the starts of a date and of the next ones, and
 * of one that was named why it does not. Notice and reach are for clients, not for the desk (rules.md T18).
 */
final readonly class DeskTimes
{
    /** Days from the date on in which the soonest starts are looked for. */
    private const LOOKS_FOR = 28;

    private const SOONEST = 3;

    /** And where the wish is narrowed. */
    private const MORE = 6;

    public function __construct(private RulesReader $rules, private WhyThere $why, private Clock $clock)
    {
    }

    public static function relaxed(): Relaxed
    {
        return new Relaxed(notice: true);
    }

    /**
     * @param  int  $day day number
     * @param  int|null  $minute since midnight, as clocks show it: the start that was named
     * @return array<string, mixed>
     */
    public function of(
        Business $business,
        Access $access,
        Choice $choice,
        int $day,
        ?int $minute,
        Narrowed $narrowed = new Narrowed(),
    ): array {
        $book = $this->rules->book($business);
        $now = $this->clock->minute();
        $until = $day + self::LOOKS_FOR;
        $ask = $choice->during($day, $until, $now, self::relaxed());
        $slots = array_values(
            array_filter(
                (new SlotSearch($book, $this->rules->diary($business, $book, $ask, turn: true)))->slots($ask),
                static fn (Slot $slot): bool => $slot->start >= $now && $narrowed->suits($slot, $book->zone),
            ),
        );
        $today = array_filter($slots, static fn (Slot $slot): bool => $book->zone->day($slot->start) === $day);
        $later = array_slice($slots, count($today));

        return [
            'date' => Wall::date($day),
            'starts' => self::starts($today),
            'soonest' => array_slice(self::starts($later), 0, $narrowed->isAny() ? self::MORE : self::SOONEST),
            'named' => $minute === null ? null : $this->named($business, $access, $book, $ask, $day, $minute),
        ];
    }

    /**
     * @param  array<int, Slot>  $slots in order of time
     * @return list<array{at: string, staff: list<string>}> with those who could take it
     */
    private static function starts(array $slots): array
    {
        $starts = [];
        foreach ($slots as $slot) {
            $starts[$slot->start] ??= ['at' => Wall::writeInstant($slot->start), 'staff' => []];
            array_push($starts[$slot->start]['staff'], ...$slot->staff);
        }

        return array_values($starts);
    }

    /** @return array<string, mixed> whether it can be had, else what stands in the way for each who could take it */
    private function named(
        Business $business,
        Access $access,
        RuleBook $book,
        Ask $ask,
        int $day,
        int $minute,
    ): array {
        $at = $book->zone->first($day * Wall::DAY + $minute);
        $verdicts = $this->why->verdicts($business, $book, $ask, $at);

        return [
            'at' => Wall::writeInstant($at),
            'offered' => array_filter($verdicts, static fn (Verdict $verdict): bool => $verdict->isOffered()) !== [],
            'rows' => $this->why->rows($business, $access, $book, $ask, $at, $verdicts),
        ];
    }
}
