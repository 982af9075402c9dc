<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Support\Given;
use App\Support\WeeklyTable;

/** @phpstan-import-type Week from WeeklyTable */
final readonly class OpeningHoursContent extends Content
{
    /** @param  Week  $hours */
    public function __construct(public array $hours)
    {
    }

    public static function from(Given $given): static
    {
        return new self(WeeklyTable::of($given, 'hours') ?? []);
    }

    public static function rules(Business $business, ?string $id): array
    {
        return ['hours' => ['present', new WeeklyTable]];
    }

    public function name(): string
    {
        return 'thing.opening_hours';
    }
}
