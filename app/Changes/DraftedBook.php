<?php

declare(strict_types=1);

namespace App\Changes;

use App\Access\Access;
use App\Bookings\RulesReader;
use App\Models\Business;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\Service;

/** The rule book as it would be with drafts in it: nothing is written, and whoever sees only their own day sees only it. */
final readonly class DraftedBook
{
    public function __construct(private RulesReader $rules, private Objections $objections)
    {
    }

    /** As it is, for whoever asks. */
    public function now(Business $business, Access $access): RuleBook
    {
        return self::seen($this->rules->book($business), $access);
    }

    /** @param  list<Draft>  $drafts */
    public function with(Business $business, Access $access, array $drafts): RuleBook
    {
        $book = $this->rules->book($business);
        foreach ($drafts as $i => $draft) {
            $this->objections->against($business, $draft, $i);
            $book = $draft->thing->book($book, $draft->id, $draft->content);
        }

        return self::seen($book, $access);
    }

    private static function seen(RuleBook $book, Access $access): RuleBook
    {
        $only = $access->ownLane();
        if ($only === null) {
            return $book;
        }
        $own = array_map(static fn (Service $service): Service => new Service(...['staff' => array_values(array_intersect($service->staff, [$only]))] + get_object_vars($service)), $book->services);

        return $book->with(staff: array_intersect_key($book->staff, [$only => 1]), services: $own);
    }
}
