<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\TimeOff;
use App\Roster\Checks;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;

/** A stretch in which one staff member is away (rules.md T6). */
final readonly class TimeOffThing extends ModelThing
{
    protected function model(): string
    {
        return TimeOff::class;
    }

    public function rules(Business $business, ?string $id): array
    {
        return [
            'staff' => ['required', ...Checks::of($business, 'staff')],
            'name' => 'nullable|string|max:120',
            'from' => ['required', Checks::wall()],
            'to' => ['required', 'after:from', Checks::wall()],
        ];
    }

    public function sentences(): array
    {
        return ['staff.*' => 'Whose time off is it?', 'from.required' => 'When does it begin?', 'to.required' => 'When does it end?', 'to.after' => 'It ends after it begins.'];
    }

    public function shaped(array $given): array
    {
        return ['staff' => $given['staff'], 'name' => trim($given['name'] ?? ''), 'from' => $given['from'], 'to' => $given['to']];
    }

    public function content(Model $row): array
    {
        assert($row instanceof TimeOff);

        return ['staff' => $row->staff_id, 'name' => $row->name, 'from' => $row->from->format('Y-m-d\TH:i'), 'to' => $row->to->format('Y-m-d\TH:i')];
    }

    protected function columns(array $content): array
    {
        return ['staff_id' => $content['staff'], 'name' => $content['name'], 'from' => $content['from'], 'to' => $content['to']];
    }

    protected function last(Business $business): array
    {
        return [];
    }

    /** The same once more is a button pressed twice. */
    public function objection(Business $business, string $id, ?array $content): ?string
    {
        $same = $content !== null && TimeOff::query()->where('business_id', $business->id)->whereKeyNot($id)->where('staff_id', $content['staff'])
            ->where('from', $content['from'])->where('to', $content['to'])->exists();

        return $same ? 'This time off is there already.' : null;
    }

    public function name(array $content): string
    {
        return trim("Time off {$content['name']}");
    }

    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        $staff = $book->staff;
        foreach ($staff as $key => $member) {
            $off = array_values(array_filter($member->timeOff, static fn (array $one): bool => $one[0] !== $id));
            if ($content !== null && $content['staff'] === $member->id) {
                $off[] = [$id, WallSpan::between(Wall::dateTime($content['from']), Wall::dateTime($content['to']), $book->zone)];
            }
            if ($off !== $member->timeOff) {
                $staff[$key] = $member->with(timeOff: $off);
            }
        }

        return $book->with(staff: $staff);
    }
}
