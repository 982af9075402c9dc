<?php

declare(strict_types=1);

namespace App\Board;

use App\Access\Access;
use App\Language\Catalogue;
use App\Models\Business;
use App\Offer\WhySentences;
use App\Support\Clock;
use App\Times\Choice;
use App\Times\RulesReader;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Booking\Occurrence;
use YardBell\Core\Booking\RepeatRule;
use YardBell\Core\Booking\Repeats;
use YardBell\Core\Time\Wall;

/** The times of a repeat, before any of them is booked: what fits, what stands in the way, what is nearest (T23). */
final readonly class DeskRepeats
{
    /** Days around the first and the last that a nearest start is looked for. */
    private const AROUND = 7;

    public function __construct(private RulesReader $rules, private Catalogue $catalogue, private Clock $clock)
    {
    }

    /** @return list<array<string, mixed>> */
    public function of(Business $business, Access $access, Choice $choice, RepeatRule $rule): array
    {
        $book = $this->rules->book($business);
        $days = $rule->days();
        $ask = $choice->during(
            $days[0] - self::AROUND,
            $days[count($days) - 1] + self::AROUND,
            $this->clock->minute(),
            DeskTimes::relaxed(),
        );
        $diary = $this->rules->diary($business, $book, $ask, turn: true);

        return array_map(
            fn (Occurrence $one): array => [
                'at' => Wall::writeInstant($one->start),
                'row' => self::row($one->row),
                'reasons' => $this->reasons(
                    business: $business,
                    access: $access,
                    book: $book,
                    choice: $choice,
                    one: $one,
                ),
                'nearest' => self::row($one->nearest),
            ],
            (new Repeats($book, $diary, $ask))->of($rule),
        );
    }

    /** @return array{at: string, staff: list<string>}|null */
    private static function row(?Slot $slot): ?array
    {
        return $slot === null ? null : ['at' => Wall::writeInstant($slot->start), 'staff' => $slot->staff];
    }

    /** @return list<string> sentences, each once */
    private function reasons(
        Business $business,
        Access $access,
        RuleBook $book,
        Choice $choice,
        Occurrence $one,
    ): array {
        $day = $book->zone->day($one->start);

        return (new WhySentences(
            catalogue: $this->catalogue,
            book: $book,
            business: $business,
            day: $day,
            service: $choice->service,
            access: $access,
        ))->ofAll($one->verdicts);
    }
}
