<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Content;
use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\Closure;
use App\Roster\Contents\ClosureContent;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\Closure as Shut;
use YardBell\Core\Availability\RuleBook;

/**
 * A stretch of dates and hours on which everyone, or the people named, cannot be booked (rules.md T4).
 *
 * @extends ModelThing<ClosureContent, Closure>
 */
final readonly class ClosureThing extends ModelThing
{
    public function contents(): string
    {
        return ClosureContent::class;
    }

    protected function model(): string
    {
        return Closure::class;
    }

    public function content(Model $row): ClosureContent
    {
        return ClosureContent::of($row);
    }

    protected function columns(Content $content): array
    {
        return $content->toArray();
    }

    protected function last(Business $business): array
    {
        return [];
    }

    /** The same once more is a button pressed twice. */
    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        $same =
            $content === null
                ? []
                : Closure::query()
                    ->where('business_id', $business->id)
                    ->whereKeyNot($id)
                    ->where('from', $content->from)
                    ->where('to', $content->to)
                    ->get()
                    ->filter(static fn (Closure $closure): bool => $closure->staff === $content->staff)
                    ->all();

        return $same === [] ? null : 'wrong.closure.exists';
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        $others = array_filter($book->closures, static fn (Shut $closure): bool => $closure->id !== $id);
        $closures = array_values($others);

        return $book->with(
            closures: $content === null ? $closures : [...$closures, $content->toCore($id, $book->zone)],
        );
    }
}
