<?php

declare(strict_types=1);

namespace App\Times;

use App\Access\Access;
use App\Changes\Content;
use App\Changes\Draft;
use App\Changes\Objections;
use App\Models\Business;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;

/**
 * The rule book as it would be with drafts in it: nothing is written, and whoever sees only their own day sees only it.
 */
final readonly class DraftedBook
{
    public function __construct(private RulesReader $rules, private Objections $objections)
    {
    }

    /** @param  list<Draft<Content>>  $drafts */
    public function with(Business $business, Access $access, array $drafts): RuleBook
    {
        return $this->both($business, $access, $drafts)[1];
    }

    /**
     * What no draft touches is the same object in both, so that a comparison need not look at it.
     *
     * @param  list<Draft<Content>>  $drafts
     * @return array{RuleBook, RuleBook} as it is, and as it would be
     */
    public function both(Business $business, Access $access, array $drafts): array
    {
        $before = $after = $this->rules->book($business);
        foreach ($drafts as $i => $draft) {
            $this->objections->against($business, $draft, $i);
            $after = $draft->thing->book($after, $draft->id, $draft->content);
        }

        return $access->ownLane() === null ? [$before, $after] : self::seen([$before, $after], $access->ownLane());
    }

    /**
     * @param  array{RuleBook, RuleBook}  $books
     * @return array{RuleBook, RuleBook}
     */
    private static function seen(array $books, string $only): array
    {
        $known = [];
        $own = static function (Service $service) use (&$known, $only): Service {
            return $known[spl_object_id($service)] ??= $service->doneBy(
                array_values(array_intersect($service->staff, [$only])),
            );
        };

        return array_map(
            static fn (RuleBook $book): RuleBook => $book->with(
                staff: array_intersect_key($book->staff, [$only => 1]),
                services: array_map($own, $book->services),
            ),
            $books,
        );
    }
}
