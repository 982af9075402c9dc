<?php

declare(strict_types=1);

namespace App\Board;

use App\Access\Access;
use App\Language\Catalogue;
use App\Models\Business;
use App\Offer\WhySentences;
use App\Times\Breach;
use App\Times\RulesReader;
use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Verdict;
use YardBell\Core\Availability\WhyNot;

/** What stands in the way of an instant, for each who could take it, in words (rules.md T19). */
final readonly class WhyThere
{
    public function __construct(private RulesReader $rules, private Catalogue $catalogue)
    {
    }

    /**
     * @param  string|null  $moving a booking that would be moved there: it is not in its own way
     * @return list<Verdict>
     */
    public function verdicts(Business $business, RuleBook $book, Ask $ask, int $at, ?string $moving = null): array
    {
        $day = $book->zone->day($at);
        $on = $ask->during($day, $day);
        $diary = $this->rules->diary($business, $book, $on, turn: false);

        return (new WhyNot(
            $book,
            $moving === null ? $diary : $diary->without($moving),
            asksResting: false,
        ))->verdicts($on, $at);
    }

    /**
     * @param  list<Verdict>  $verdicts
     * @return list<array{
     *     location: string|null, staff: list<string>, reasons: list<array{says: string, link: string|null}>,
     * }>
     */
    public function rows(
        Business $business,
        Access $access,
        RuleBook $book,
        Ask $ask,
        int $at,
        array $verdicts,
    ): array {
        $sentences = $this->sentences(business: $business, access: $access, book: $book, ask: $ask, at: $at);

        return array_map(
            static fn (Verdict $verdict): array => [
                'location' => $book->locations[$verdict->location ?? '']->name ?? null,
                'staff' => array_map(
                    static fn (string $id): string => $book->staff[$id]->name,
                    $verdict->staff,
                ),
                'reasons' => array_values(
                    array_unique(array_map($sentences->of(...), $verdict->reasons), SORT_REGULAR),
                ),
            ],
            $verdicts,
        );
    }

    /**
     * The one with the fewest reasons.
     *
     * @param  list<Verdict>  $verdicts
     * @param  list<string>|null  $staff of those people alone; null: of anybody
     */
    public static function least(array $verdicts, ?array $staff = null): ?Verdict
    {
        $least = null;
        foreach ($verdicts as $verdict) {
            $isAsked = $staff === null || $verdict->staff === $staff;
            if ($isAsked && ($least === null || count($verdict->reasons) < count($least->reasons))) {
                $least = $verdict;
            }
        }

        return $least;
    }

    /** @return list<Breach> what is broken where it is done all the same */
    public function breaches(
        Business $business,
        Access $access,
        RuleBook $book,
        Ask $ask,
        int $at,
        Verdict $verdict,
    ): array {
        $sentences = $this->sentences(business: $business, access: $access, book: $book, ask: $ask, at: $at);
        $breaches = [];
        foreach ($verdict->reasons as $reason) {
            $breach = new Breach($reason->rule, $sentences->of($reason)['says']);
            $breaches["{$breach->rule} {$breach->says}"] = $breach;
        }

        return array_values($breaches);
    }

    private function sentences(
        Business $business,
        Access $access,
        RuleBook $book,
        Ask $ask,
        int $at,
    ): WhySentences {
        return new WhySentences(
            catalogue: $this->catalogue,
            book: $book,
            business: $business,
            day: $book->zone->day($at),
            service: $ask->service,
            access: $access,
        );
    }
}
