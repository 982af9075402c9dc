<?php

declare(strict_types=1);

namespace App\Roster;

use App\Changes\ModelThing;
use App\Changes\Things;
use App\Changes\Version;
use App\Models\Business;
use App\Models\Closure;
use App\Models\SpecialDay;
use App\Models\TimeOff;
use App\Support\Clock;
use App\Support\Column;
use App\Support\Given;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Time\Wall;

/** Special days, closures and time off of one year, each as a thing that can be changed. */
final readonly class Year
{
    public function __construct(private Things $things, private Clock $clock)
    {
    }

    /**
     * @param  string|null  $only a staff member: what concerns them and everyone; null: all
     * @return array<string, mixed>
     */
    public function of(Business $business, int $year, ?string $only): array
    {
        [$first, $last] = ["{$year}-01-01", $year + 1 .'-01-01'];
        $during = static fn (Builder $rows): Builder => $rows
            ->where('from', '<', $last)
            ->where('to', '>', $first)
            ->orderBy('from')
            ->orderBy('id');
        $days = SpecialDay::query()
            ->where('date', '>=', $first)
            ->where('date', '<', $last)
            ->orderBy('date')
            ->orderBy('id');
        $here = [
            ...Column::strings($business->staff()->pluck('id')),
            ...Column::strings($business->locations()->pluck('id')),
        ];
        $all = [];
        $lists = [
            'specialDay' => $days,
            'closure' => $during(Closure::query()),
            'timeOff' => $during(TimeOff::query()),
        ];
        foreach ($lists as $kind => $rows) {
            $things = array_map(fn (Model $row): array => $this->thing($kind, $row), array_values($rows->get()->all()));
            $all[$kind.'s'] = array_values(
                array_filter(
                    $things,
                    static fn (array $thing): bool => self::isShown(Given::in($thing['content']), $here, $only),
                ),
            );
        }

        return ['year' => $year, 'today' => Wall::date($business->zone()->day($this->clock->minute())), ...$all];
    }

    /**
     * Whether it concerns who asks, and nobody and no place that has been removed.
     *
     * @param  list<string>  $here ids of people and places that are there
     */
    private static function isShown(Given $content, array $here, ?string $only): bool
    {
        $staff = $content->stringsIf('staff') ?? array_filter([$content->stringIf('staff')]);
        $place = $content->stringIf('location');

        return ($only === null || $staff === [] || in_array($only, $staff, true)) &&
            array_diff($staff, $here) === [] &&
            ($place === null || in_array($place, $here, true));
    }

    /** @return array{id: mixed, version: string|null, content: array<string, mixed>} */
    private function thing(string $kind, Model $row): array
    {
        $thing = $this->things->of($kind);
        assert($thing instanceof ModelThing);
        $content = $thing->content($row);

        return ['id' => $row->getKey(), 'version' => Version::of($content), 'content' => $content->toArray()];
    }
}
