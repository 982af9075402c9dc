<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Access\Access;
use App\Language\Catalogue;
use App\Models\Business;
use App\Offer\WhySentences;
use App\Support\Clock;
use App\Times\RulesReader;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Booking\Gathering;
use YardBell\Core\Booking\GatheringDate;
use YardBell\Core\Booking\RepeatRule;
use YardBell\Core\Booking\Scheduling;
use YardBell\Core\Time\Wall;

/** The dates of sessions before any of them is scheduled: what stands in the way of each, and what is nearest. */
final readonly class SessionDates
{
    /** Days around the first and the last on which a nearest start is looked for. */
    private const AROUND = 7;

    public function __construct(private RulesReader $rules, private Catalogue $catalogue, private Clock $clock)
    {
    }

    /** @return list<array<string, mixed>> */
    public function of(Business $business, Access $access, Gathering $gathering, RepeatRule $rule): array
    {
        $book = $this->rules->book($business);
        $days = $rule->days();
        $diary = $this->rules->diaryBetween(
            $business,
            $book,
            $days[0] - self::AROUND,
            $days[count($days) - 1] + self::AROUND,
        );

        return array_map(
            fn (GatheringDate $date): array => $this->date($business, $access, $gathering, $date),
            (new Scheduling($book, $diary))->dates($gathering, $rule, $this->clock->minute()),
        );
    }

    /** @return array<string, mixed> */
    public function date(Business $business, Access $access, Gathering $gathering, GatheringDate $date): array
    {
        $now = $this->clock->minute();

        return [
            'at' => Wall::writeInstant($date->start),
            'end' => Wall::writeInstant($date->start + $gathering->minutes),
            'state' => match (true) {
                $date->start < $now => 'past',
                $date->row === null => 'taken',
                $date->isOutsideOpenTime() => 'outside',
                default => 'free',
            },
            'reasons' => $this->reasons(
                business: $business,
                access: $access,
                book: $this->rules->book($business),
                gathering: $gathering,
                date: $date,
            ),
            'nearest' => $date->nearest === null || $date->nearest->start < $now
                ? null
                : Wall::writeInstant($date->nearest->start),
        ];
    }

    /** @return list<string> sentences, each once */
    private function reasons(
        Business $business,
        Access $access,
        RuleBook $book,
        Gathering $gathering,
        GatheringDate $date,
    ): array {
        return (new WhySentences(
            catalogue: $this->catalogue,
            book: $book,
            business: $business,
            day: $book->zone->day($date->start),
            service: $gathering->service,
            access: $access,
        ))->ofAll($date->verdicts);
    }
}
