<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\SpecialDay;
use App\Roster\Checks;
use App\Support\WeeklyTable;
use Closure;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\Location;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;

/** One date on which other hours count: for the business, a location or a staff member (rules.md T3). */
final readonly class SpecialDayThing extends ModelThing
{
    protected function model(): string
    {
        return SpecialDay::class;
    }

    public function rules(Business $business, ?string $id): array
    {
        $places = $business->locations()->pluck('id')->all();
        $hours = static function (string $attribute, mixed $value, Closure $fail) use ($places): void {
            $wrong = (new WeeklyTable($places))->wrongDay($value);
            if ($wrong !== null) {
                $fail($wrong);
            }
        };

        return [
            'date' => ['required', Checks::date()],
            'staff' => ['present', 'nullable', ...Checks::of($business, 'staff')],
            'location' => ['present', 'nullable', 'prohibits:staff', ...Checks::of($business, 'locations')],
            'hours' => ['present', 'array', $hours],
        ];
    }

    public function sentences(): array
    {
        return ['date.required' => 'On which date?', 'staff.*' => 'Choose whom it is for.', 'location.*' => 'Choose one of the locations, or a person, or everyone.'];
    }

    public function shaped(array $given): array
    {
        return ['date' => $given['date'], 'staff' => $given['staff'], 'location' => $given['location'], 'hours' => WeeklyTable::stretches($given['hours'])];
    }

    public function content(Model $row): array
    {
        assert($row instanceof SpecialDay);

        return ['date' => $row->date, 'staff' => $row->of === 'staff' ? $row->owner_id : null, 'location' => $row->of === 'location' ? $row->owner_id : null, 'hours' => WeeklyTable::stretches($row->hours)];
    }

    protected function columns(array $content): array
    {
        return ['of' => self::of($content), 'owner_id' => $content['staff'] ?? $content['location'] ?? '', 'date' => $content['date'], 'hours' => $content['hours']];
    }

    protected function last(Business $business): array
    {
        return [];
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        $other = $content === null ? false : SpecialDay::query()->where('business_id', $business->id)->whereKeyNot($id)
            ->where('date', $content['date'])->where('of', self::of($content))->where('owner_id', $content['staff'] ?? $content['location'] ?? '')->exists();

        return $other ? "There is a special day on {$content['date']} already. Change that one, or remove it first." : null;
    }

    public function name(array $content): string
    {
        return "Special day {$content['date']}";
    }

    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        $row = SpecialDay::query()->find($id);
        if ($row !== null) { // what it was, in case it moves to another date or another person
            $book = $this->put($book, $this->content($row), null);
        }

        return $content === null ? $book : $this->put($book, $content, WeeklyTable::list($content['hours']));
    }

    /**
     * @param  array<string, mixed>  $content
     * @param  list<Window>|null  $windows null: an ordinary day
     */
    private function put(RuleBook $book, array $content, ?array $windows): RuleBook
    {
        $set = static function (array $special) use ($content, $windows): array {
            $day = Wall::day($content['date']);

            return $windows === null ? array_diff_key($special, [$day => 1]) : [$day => $windows] + $special;
        };
        if ($content['staff'] !== null) {
            $member = $book->staff[$content['staff']];

            return $book->with(staff: [...$book->staff, $member->id => $member->with(special: $set($member->special))]);
        }
        if ($content['location'] !== null) {
            $location = $book->locations[$content['location']];
            $special = $set($location->hours?->specialDays() ?? []);
            $hours = $location->hours === null ? Hours::ofLocation(null, $special) : new Hours($location->hours->weekly(), $special);

            return $book->with(locations: [...$book->locations, $location->id => new Location($location->id, $location->name, $hours)]);
        }

        return $book->with(openingHours: new Hours($book->openingHours->weekly(), $set($book->openingHours->specialDays())));
    }

    /** @param  array<string, mixed>  $content */
    private static function of(array $content): string
    {
        return match (true) {
            $content['staff'] !== null => 'staff',
            $content['location'] !== null => 'location',
            default => 'business',
        };
    }
}
