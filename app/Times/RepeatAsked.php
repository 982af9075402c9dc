<?php

declare(strict_types=1);

namespace App\Times;

use App\Support\Checks;
use App\Support\Given;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use YardBell\Core\Booking\MonthDay;
use YardBell\Core\Booking\RepeatRule;
use YardBell\Core\Booking\RepeatUnit;
use YardBell\Core\Time\Wall;

/** How somebody asks for a repeat (rules.md T23): under the key `repeat`, its first start beside it. */
final class RepeatAsked
{
    /** @return array<string, mixed> */
    public static function rules(): array
    {
        return [
            'repeat' => 'required|array:every,unit,weekdays,monthDay,count,until',
            'repeat.every' => 'required|integer|min:1|max:365',
            'repeat.unit' => ['required', Rule::enum(RepeatUnit::class)],
            'repeat.weekdays' => 'nullable|list|max:7|prohibited_unless:repeat.unit,weeks',
            'repeat.weekdays.*' => ['distinct', Rule::in(Wall::WEEKDAYS)],
            'repeat.monthDay' => ['nullable', Rule::enum(MonthDay::class), 'prohibited_unless:repeat.unit,months'],
            'repeat.count' => 'nullable|required_without:repeat.until|prohibits:repeat.until|integer|min:1|max:'
                .RepeatRule::MOST,
            'repeat.until' => ['nullable', Checks::date()],
        ];
    }

    /** @return array<string, string> */
    public static function sentences(): array
    {
        return [
            'repeat' => 'wrong.repeat.how_often',
            'repeat.every.*' => 'wrong.repeat.how_often',
            'repeat.unit.*' => 'wrong.repeat.how_often',
            'repeat.weekdays*' => 'wrong.repeat.weekdays',
            'repeat.monthDay.*' => 'wrong.repeat.month_day',
            'repeat.count.*' => 'wrong.repeat.count?most='.RepeatRule::MOST,
        ];
    }

    /** @throws ValidationException where its parts do not go together */
    public static function of(Given $given): RepeatRule
    {
        $repeat = $given->under('repeat');
        $until = $repeat->stringIf('until');
        $weekdays = array_map(
            static fn (string $name): int => (int) array_search($name, Wall::WEEKDAYS, true),
            $repeat->strings('weekdays'),
        );
        $rule = new RepeatRule(
            wall: Wall::dateTime($given->string('at')),
            every: $repeat->int('every'),
            unit: RepeatUnit::from($repeat->string('unit')),
            monthDay: MonthDay::from($repeat->stringIf('monthDay') ?? MonthDay::Same->value),
            count: $repeat->intIf('count'),
            untilDay: $until === null ? null : Wall::day($until),
            weekdays: $weekdays,
        );
        $wrong = match (true) {
            $weekdays !== [] && ! in_array(Wall::weekday($rule->day), $weekdays, true) => [
                'weekdays' => 'wrong.repeat.weekdays',
            ],
            $until !== null && Wall::day($until) < $rule->day => ['until' => 'wrong.repeat.until'],
            count($rule->days()) > RepeatRule::MOST => ['until' => 'wrong.repeat.count?most='.RepeatRule::MOST],
            default => [],
        };
        foreach ($wrong as $field => $sentence) {
            throw ValidationException::withMessages(["repeat.{$field}" => $sentence]);
        }

        return $rule;
    }
}
