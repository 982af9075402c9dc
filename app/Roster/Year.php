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
        [$first, $last] = ["{$year}-01-01", ($year + 1).'-01-01'];
        $during = static fn (Builder $rows): Builder => $rows->where('from', '<', $last)->where('to', '>', $first)->orderBy('from')->orderBy('id');
        $days = SpecialDay::query()->where('date', '>=', $first)->where('date', '<', $last)->orderBy('date')->orderBy('id');
        $concerns = static fn (array $thing): bool => $only === null || in_array($thing['content']['staff'], [null, $only], true) || (is_array($thing['content']['staff']) && in_array($only, $thing['content']['staff'], true));
        $gone = self::gone($business);
        $all = [];
        foreach (['specialDay' => $days, 'closure' => $during(Closure::query()), 'timeOff' => $during(TimeOff::query())] as $kind => $rows) {
            $all[$kind.'s'] = array_values(array_filter($rows->get()->map(fn (Model $row): array => $this->thing($kind, $row))->all(), static fn (array $thing): bool => $concerns($thing) && ! $gone($thing['content'])));
        }

        return ['year' => $year, 'today' => Wall::date($business->zone()->day($this->clock->minute())), ...$all];
    }

    /** @return callable(array<string, mixed>): bool whether it is of a person or location that has been removed */
    private static function gone(Business $business): callable
    {
        $here = [...$business->staff()->pluck('id'), ...$business->locations()->pluck('id')];

        return static fn (array $content): bool => array_diff(array_filter([$content['location'] ?? null, ...(array) $content['staff']]), $here) !== [];
    }

    /** @return array<string, mixed> */
    private function thing(string $kind, Model $row): array
    {
        $thing = $this->things->of($kind);
        assert($thing instanceof ModelThing);
        $content = $thing->content($row);

        return ['id' => $row->getKey(), 'version' => Version::of($content), 'content' => $content->toArray()];
    }
}
