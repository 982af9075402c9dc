<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Content;
use App\Changes\Thing;
use App\Models\Business;
use App\Roster\Contents\FactsContent;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Availability\TightDays;
use YardBell\Core\Time\Zone;

/**
 * What a business is called, where its page is, how it counts time and money.
 *
 * @implements Thing<FactsContent>
 */
final readonly class FactsThing implements Thing
{
    public function contents(): string
    {
        return FactsContent::class;
    }

    public function read(Business $business, string $id): ?FactsContent
    {
        return $id === 'business' ? FactsContent::of($business) : null;
    }

    public function write(Business $business, string $id, ?Content $content): void
    {
        assert($content !== null);
        $business->update($content->columns());
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        return $content === null ? 'wrong.facts.not_removable' : null;
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        assert($content !== null);
        $tightDays = TightDays::from($content->tightDays);
        $isSame = $content->travelMinutes === $book->travelMinutes && $tightDays === $book->tightDays;
        $book = $isSame ? $book : $book->with(travelMinutes: $content->travelMinutes, tightDays: $tightDays);

        return $content->timeZone === $book->zone->name ? $book : $book->in(Zone::named($content->timeZone));
    }
}
