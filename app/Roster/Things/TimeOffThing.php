<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Content;
use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\TimeOff;
use App\Roster\Contents\TimeOffContent;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\RuleBook;

/**
 * A stretch in which one staff member is away (rules.md T6).
 *
 * @extends ModelThing<TimeOffContent, TimeOff>
 */
final readonly class TimeOffThing extends ModelThing
{
    public function contents(): string
    {
        return TimeOffContent::class;
    }

    protected function model(): string
    {
        return TimeOff::class;
    }

    public function content(Model $row): TimeOffContent
    {
        return TimeOffContent::of($row);
    }

    protected function columns(Content $content): array
    {
        return [
            'staff_id' => $content->staff,
            'name' => $content->name,
            'from' => $content->from,
            'to' => $content->to,
        ];
    }

    protected function last(Business $business): array
    {
        return [];
    }

    /** The same once more is a button pressed twice. */
    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        $same =
            $content !== null &&
            TimeOff::query()
                ->where('business_id', $business->id)
                ->whereKeyNot($id)
                ->where('staff_id', $content->staff)
                ->where('from', $content->from)
                ->where('to', $content->to)
                ->exists();

        return $same ? 'wrong.time_off.exists' : null;
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        $staff = $book->staff;
        foreach ($staff as $key => $member) {
            $off = array_values(array_filter($member->timeOff, static fn (array $one): bool => $one[0] !== $id));
            if ($content?->staff === $member->id) {
                $off[] = [$id, $content->toCore($book->zone)];
            }
            if ($off !== $member->timeOff) {
                $staff[$key] = $member->with(timeOff: $off);
            }
        }

        return $book->with(staff: $staff);
    }
}
