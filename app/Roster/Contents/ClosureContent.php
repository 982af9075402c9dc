<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Models\Closure;
use App\Support\Checks;
use App\Support\Given;
use App\Support\Later;
use YardBell\Core\Availability\Closure as Shut;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;
use YardBell\Core\Time\Zone;

/** Date-times as clocks show them: "2027-03-01T09:30". */
final readonly class ClosureContent extends Content
{
    private const NOBODY = 'wrong.closure.for_nobody';

    /** @param  list<string>|null  $staff ids; null: everyone */
    public function __construct(public string $name, public string $from, public string $to, public ?array $staff)
    {
    }

    public static function from(Given $given): static
    {
        return new self($given->text('name'), $given->string('from'), $given->string('to'), $given->stringsIf('staff'));
    }

    public static function of(Closure $row): self
    {
        return new self($row->name, $row->from->format('Y-m-d\TH:i'), $row->to->format('Y-m-d\TH:i'), $row->staff);
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'name' => 'nullable|string|max:120',
            'from' => ['required', Checks::wall()],
            'to' => ['required', Checks::wall(), new Later('from', 'wrong.closure.end_before_begin')],
            'staff' => 'present|nullable|array|list|min:1|max:200',
            'staff.*' => ['distinct', ...Checks::of($business, 'staff')],
        ];
    }

    public static function sentences(): array
    {
        return [
            'from.required' => 'wrong.closure.begin_required',
            'to.required' => 'wrong.closure.end_required',
            'staff.min' => self::NOBODY,
            'staff.*' => self::NOBODY,
        ];
    }

    public function name(): string
    {
        return trim("Closure {$this->name}");
    }

    public function toCore(string $id, Zone $zone): Shut
    {
        return new Shut(
            $id,
            WallSpan::between(Wall::dateTime($this->from), Wall::dateTime($this->to), $zone),
            $this->staff === [] ? null : $this->staff,
            $this->name,
        );
    }
}
