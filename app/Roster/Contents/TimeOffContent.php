<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Changes\Content;
use App\Language\Sentence;
use App\Models\Business;
use App\Models\TimeOff;
use App\Support\Checks;
use App\Support\Given;
use App\Support\Later;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Zone;

/** Date-times as clocks show them: "2027-03-01T09:30". */
final readonly class TimeOffContent extends Content
{
    public function __construct(public string $staff, public string $name, public string $from, public string $to)
    {
    }

    public static function from(Given $given): static
    {
        return new self($given->string('staff'), $given->text('name'), $given->string('from'), $given->string('to'));
    }

    public static function of(TimeOff $row): self
    {
        return new self($row->staff_id, $row->name, $row->from->format('Y-m-d\TH:i'), $row->to->format('Y-m-d\TH:i'));
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'staff' => ['required', ...Checks::of($business, 'staff')],
            'name' => 'nullable|string|max:120',
            'from' => ['required', Checks::wall()],
            'to' => ['required', Checks::wall(), new Later('from', 'wrong.time_off.end_before_begin')],
        ];
    }

    public static function sentences(): array
    {
        return [
            'staff.*' => 'wrong.time_off.staff_required',
            'from.required' => 'wrong.time_off.begin_required',
            'to.required' => 'wrong.time_off.end_required',
        ];
    }

    public function name(): string
    {
        return (new Sentence('thing.time_off', ['name' => $this->name]))->text();
    }

    public function toCore(Zone $zone): WallSpan
    {
        return WallSpan::between(Wall::dateTime($this->from), Wall::dateTime($this->to), $zone);
    }
}
