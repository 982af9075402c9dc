<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Content;
use App\Changes\ModelThing;
use App\Language\Sentence;
use App\Models\Business;
use App\Models\SpecialDay;
use App\Roster\Contents\SpecialDayContent;
use App\Support\LocalTime;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\Location;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;

/**
 * One date on which other hours count: for the business, a location or a staff member (rules.md T3).
 *
 * @extends ModelThing<SpecialDayContent, SpecialDay>
 */
final readonly class SpecialDayThing extends ModelThing
{
    public function contents(): string
    {
        return SpecialDayContent::class;
    }

    protected function model(): string
    {
        return SpecialDay::class;
    }

    public function content(Model $row): SpecialDayContent
    {
        return SpecialDayContent::of($row);
    }

    protected function columns(Content $content): array
    {
        return [...$content->owner(), 'date' => $content->date, 'hours' => $content->hours];
    }

    protected function last(Business $business): array
    {
        return [];
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        $other =
            $content !== null &&
            SpecialDay::query()
                ->where('business_id', $business->id)
                ->whereKeyNot($id)
                ->where('date', $content->date)
                ->where($content->owner())
                ->exists();

        return $other
            ? (new Sentence('wrong.special_day.exists', ['date' => LocalTime::date(Wall::day($content->date))]))->text()
            : null;
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        $row = SpecialDay::query()->find($id);
        if ($row !== null) {
            // what it was, in case it moves to another date or another person
            $book = self::put($book, $this->content($row), null);
        }

        return $content === null ? $book : self::put($book, $content, $content->toCore());
    }

    /** @param  list<Window>|null  $windows null: an ordinary day */
    private static function put(RuleBook $book, SpecialDayContent $content, ?array $windows): RuleBook
    {
        $day = Wall::day($content->date);
        $set = static fn (array $special): array => $windows === null
            ? array_diff_key($special, [$day => 1])
            : [$day => $windows] + $special;
        if ($content->staff !== null) {
            $member = $book->staff[$content->staff];

            return $book->with(staff: [...$book->staff, $member->id => $member->with(special: $set($member->special))]);
        }
        if ($content->location !== null) {
            $location = $book->locations[$content->location];
            $special = $set($location->hours?->specialDays() ?? []);
            $hours =
                $location->hours === null
                    ? Hours::ofLocation(null, $special)
                    : new Hours($location->hours->weekly(), $special);

            return $book->with(
                locations: [...$book->locations, $location->id => new Location($location->id, $location->name, $hours)],
            );
        }

        return $book->with(
            openingHours: new Hours($book->openingHours->weekly(), $set($book->openingHours->specialDays())),
        );
    }
}
