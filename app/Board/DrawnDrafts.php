<?php

declare(strict_types=1);

namespace App\Board;

use App\Changes\Content;
use App\Changes\Things;
use App\Changes\Version;
use App\Models\Business;
use App\Models\SpecialDay;
use App\Roster\Contents\PersonContent;
use App\Roster\Contents\SpecialDayContent;
use App\Roster\Contents\TimeOffContent;
use App\Support\WeeklyTable;
use App\Times\RulesReader;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Timeline;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\Window;

/**
 * A stretch that was drawn on the Board as what is set up: drafts, to be looked at and saved like any others.
 *
 * @phpstan-import-type Stretch from WeeklyTable
 */
final readonly class DrawnDrafts
{
    public function __construct(private RulesReader $rules, private Things $things)
    {
    }

    /** @return list<array{kind: string, id: string|null, content: array<string, mixed>, version: string|null}> */
    public function of(Business $business, Drawn $drawn): array
    {
        $book = $this->rules->book($business);
        $drafts = [];
        foreach ($drawn->staff as $member) {
            if ($drawn->weeks === null) {
                $drafts[] = $this->rule($business, $book, $member, $drawn);

                continue;
            }
            for ($week = 0; $week < $drawn->weeks; $week++) {
                $day = $drawn->day + 7 * $week;
                $drafts[] = $drawn->way === DrawnWay::Off
                    ? self::off($member, $day, $drawn)
                    : $this->special(business: $business, book: $book, member: $member, day: $day, drawn: $drawn);
            }
        }

        return $drafts;
    }

    /** @return array{kind: string, id: string|null, content: array<string, mixed>, version: string|null} */
    private static function off(string $member, int $day, Drawn $drawn): array
    {
        $at = static fn (int $minute): string => Wall::writeWall($day * Wall::DAY + $minute);
        $content = new TimeOffContent($member, $drawn->name, $at($drawn->from), $at($drawn->to));

        return ['kind' => 'timeOff', 'id' => null, 'content' => $content->toArray(), 'version' => null];
    }

    /** @return array{kind: string, id: string|null, content: array<string, mixed>, version: string|null} */
    private function special(Business $business, RuleBook $book, string $member, int $day, Drawn $drawn): array
    {
        $row = SpecialDay::query()
            ->where('business_id', $business->id)
            ->where(['of' => 'staff', 'owner_id' => $member, 'date' => Wall::date($day)])
            ->first();
        $rules = $book->staff[$member];
        $own = new Hours($rules->weekly ?? [], $rules->special);
        $follows = $rules->weekly === null && ! $own->hasSpecialDay($day);
        $windows = $follows ? $book->openingHours->on($day) : $own->on($day);
        $content = new SpecialDayContent(Wall::date($day), $member, null, self::drawn($windows, $drawn));

        return [
            'kind' => 'specialDay',
            'id' => $row?->id,
            'content' => $content->toArray(),
            'version' => $row === null ? null : Version::of(SpecialDayContent::of($row)),
        ];
    }

    /**
     * Every week from now on: the person's own hours.
     *
     * @return array{kind: string, id: string|null, content: array<string, mixed>, version: string|null}
     */
    private function rule(Business $business, RuleBook $book, string $member, Drawn $drawn): array
    {
        $before = $this->things->of('person')->read($business, $member);
        assert($before instanceof PersonContent);
        $weekly = $book->staff[$member]->weekly ?? $book->openingHours->weekly();
        $hours = [];
        foreach (Wall::WEEKDAYS as $i => $weekday) {
            $windows = $weekly[$i] ?? [];
            $hours[$weekday] = $i === Wall::weekday($drawn->day)
                ? self::drawn($windows, $drawn)
                : self::stretches(array_map(self::span(...), $windows));
        }

        return [
            'kind' => 'person',
            'id' => $member,
            'content' => ['hours' => $hours] + $before->toArray(),
            'version' => Version::of($before),
        ];
    }

    /**
     * @param  list<Window>  $windows
     * @return list<Stretch> with what was drawn, or without it; what counts at one place alone stays there
     */
    private static function drawn(array $windows, Drawn $drawn): array
    {
        $places = ['' => Timeline::none()];
        foreach ($windows as $window) {
            [$from, $to] = self::span($window);
            $place = $window->at ?? '';
            $places[$place] = ($places[$place] ?? Timeline::none())->union(Timeline::between($from, $to));
        }
        $one = Timeline::between($drawn->from, $drawn->to);
        $spans = [];
        foreach ($places as $place => $open) {
            $left = match (true) {
                $drawn->way === DrawnWay::Closed => $open->subtract($one),
                $place === '' => $open->union($one),
                default => $open,
            };
            foreach ($left->stretches() as [$from, $to]) {
                $spans[] = [$from, $to, $place === '' ? null : $place];
            }
        }
        sort($spans);

        return self::stretches($spans);
    }

    /** @return array{int, int, string|null} minutes of the day; the end is beyond 24:00 where it runs on */
    private static function span(Window $window): array
    {
        return [$window->from, $window->to > $window->from ? $window->to : $window->to + Wall::DAY, $window->at];
    }

    /**
     * @param  list<array{int, int, string|null}>  $spans
     * @return list<Stretch>
     */
    private static function stretches(array $spans): array
    {
        return array_map(static fn (array $span): array => [
            'from' => Wall::writeTimeOfDay($span[0]),
            'to' => Wall::writeTimeOfDay($span[1] > Wall::DAY ? $span[1] - Wall::DAY : $span[1]),
        ] + ($span[2] === null ? [] : ['at' => $span[2]]), $spans);
    }
}
