<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Content;
use App\Changes\Thing;
use App\Models\Business;
use App\Roster\Contents\OpeningHoursContent;
use App\Support\WeeklyTable;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Hours;

/**
 * When the business is open in an ordinary week.
 *
 * @implements Thing<OpeningHoursContent>
 */
final readonly class OpeningHoursThing implements Thing
{
    public function contents(): string
    {
        return OpeningHoursContent::class;
    }

    public function read(Business $business, string $id): ?OpeningHoursContent
    {
        return $id === 'business' ? new OpeningHoursContent(WeeklyTable::whole($business->opening_hours)) : null;
    }

    public function write(Business $business, string $id, ?Content $content): void
    {
        $business->update(['opening_hours' => $content->hours ?? []]);
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        return $content === null ? 'wrong.opening_hours.not_removable' : null;
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        return $book->with(
            openingHours: new Hours(WeeklyTable::windows($content->hours ?? []), $book->openingHours->specialDays()),
        );
    }
}
