<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Thing;
use App\Models\Business;
use App\Support\WeeklyTable;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Hours;

/** When the business is open in an ordinary week. */
final readonly class OpeningHoursThing implements Thing
{
    public function rules(Business $business, ?string $id): array
    {
        return ['hours' => ['present', new WeeklyTable]];
    }

    public function sentences(): array
    {
        return [];
    }

    public function shaped(array $given): array
    {
        return ['hours' => WeeklyTable::whole($given['hours'])];
    }

    public function read(Business $business, string $id): ?array
    {
        return $id === 'business' ? ['hours' => WeeklyTable::whole($business->opening_hours)] : null;
    }

    public function write(Business $business, string $id, ?array $content): void
    {
        $business->update(['opening_hours' => $content['hours'] ?? []]);
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        return $content === null ? 'Opening hours can be empty, but not go.' : null;
    }

    public function name(array $content): string
    {
        return 'Opening hours';
    }

    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        return $book->with(openingHours: new Hours(WeeklyTable::windows($content['hours'] ?? []), $book->openingHours->specialDays()));
    }
}
