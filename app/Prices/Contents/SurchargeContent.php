<?php

declare(strict_types=1);

namespace App\Prices\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Models\Surcharge as Row;
use App\Support\Checks;
use App\Support\Given;
use App\Support\WeeklyTable;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\Surcharge;
use YardBell\Core\Price\SurchargeWhen;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Wall;

/**
 * What a visit costs more at some hours or on some dates (rules.md P4): an amount, or a part of base and people.
 *
 * @phpstan-import-type Week from WeeklyTable
 */
final readonly class SurchargeContent extends Content
{
    /**
     * @param  Week|null  $hours outside of which it applies; null: it depends on no hours
     * @param  list<string>  $weekdays "sat"
     * @param  list<string>  $dates
     * @param  int|null  $amount minor unit
     * @param  int|null  $staffAmount minor unit, for who takes the visit
     * @param  string|null  $staffPercent of the surcharge
     */
    public function __construct(
        public string $name,
        public string $when,
        public ?array $hours,
        public array $weekdays,
        public array $dates,
        public ?int $amount,
        public ?string $percent,
        public ?int $staffAmount,
        public ?string $staffPercent,
    ) {
    }

    public static function from(Given $given): static
    {
        $when = $given->string('when');
        $percent = Amounts::written($given->stringIf('percent'));
        $staffPercent = Amounts::written($given->stringIf('staffPercent'));
        $dates = $when === 'dates' ? $given->strings('dates') : [];
        sort($dates);

        return new self(
            name: $given->text('name'),
            when: $when,
            hours: $when === 'outside_hours' ? WeeklyTable::of($given, 'hours') ?? WeeklyTable::whole([]) : null,
            weekdays: $when === 'weekdays'
                ? array_values(array_intersect(Wall::WEEKDAYS, $given->strings('weekdays')))
                : [],
            dates: $dates,
            amount: $percent === null ? $given->intIf('amount') : null,
            percent: $percent,
            staffAmount: $staffPercent === null ? $given->intIf('staffAmount') : null,
            staffPercent: $staffPercent,
        );
    }

    public static function of(Row $row): self
    {
        return new self(
            name: $row->name,
            when: $row->when,
            hours: $row->hours === null ? null : WeeklyTable::whole($row->hours),
            weekdays: $row->weekdays,
            dates: $row->dates,
            amount: $row->amount,
            percent: $row->percent,
            staffAmount: $row->staff_amount,
            staffPercent: $row->staff_percent,
        );
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'name' => 'required|string|max:120',
            'when' => 'required|in:outside_hours,weekdays,dates',
            'hours' => ['present', 'nullable', 'required_if:when,outside_hours', new WeeklyTable()],
            'weekdays' => 'present|array|list|required_if:when,weekdays|max:7',
            'weekdays.*' => 'distinct|in:'.implode(',', Wall::WEEKDAYS),
            'dates' => 'present|array|list|required_if:when,dates|max:400',
            'dates.*' => ['distinct', Checks::date()],
            'amount' => ['present', 'nullable', 'required_without:percent', ...explode('|', Amounts::RULE)],
            'percent' => ['present', 'nullable', Amounts::percent()],
            'staffAmount' => ['present', 'nullable', ...explode('|', Amounts::RULE)],
            'staffPercent' => ['present', 'nullable', Amounts::percent()],
        ];
    }

    public static function sentences(): array
    {
        return [
            'name.required' => 'wrong.surcharge.name_required',
            'hours.required_if' => 'wrong.surcharge.hours',
            'weekdays.required_if' => 'wrong.surcharge.weekdays',
            'weekdays.*' => 'wrong.surcharge.weekdays',
            'dates.required_if' => 'wrong.surcharge.dates',
            'amount.*' => 'wrong.surcharge.amount_or_percent',
            'staffAmount.*' => 'wrong.surcharge.amount_or_percent',
        ];
    }

    public function name(): string
    {
        return $this->name;
    }

    public function toCore(string $id): Surcharge
    {
        return new Surcharge(
            id: $id,
            name: $this->name,
            when: SurchargeWhen::from($this->when),
            hours: $this->hours === null ? null : new Hours(WeeklyTable::windows($this->hours)),
            weekdays: array_keys(array_intersect(Wall::WEEKDAYS, $this->weekdays)),
            days: array_map(Wall::day(...), $this->dates),
            charge: $this->percent === null ? $this->amount ?? 0 : Percent::of($this->percent),
            staff: $this->staffPercent === null ? $this->staffAmount : Percent::of($this->staffPercent),
        );
    }
}
