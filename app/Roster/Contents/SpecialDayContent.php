<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Changes\Content;
use App\Language\Sentence;
use App\Models\Business;
use App\Models\SpecialDay;
use App\Support\Checks;
use App\Support\Column;
use App\Support\Given;
use App\Support\WeeklyTable;
use Closure;
use YardBell\Core\Time\Window;

/** @phpstan-import-type Stretch from WeeklyTable */
final readonly class SpecialDayContent extends Content
{
    /**
     * @param  string|null  $staff whose it is; null: the location's
     * @param  string|null  $location null: the business's
     * @param  list<Stretch>  $hours
     */
    public function __construct(
        public string $date,
        public ?string $staff,
        public ?string $location,
        public array $hours,
    ) {
    }

    public static function from(Given $given): static
    {
        return new self(
            $given->string('date'),
            $given->stringIf('staff'),
            $given->stringIf('location'),
            WeeklyTable::stretches($given->each('hours')),
        );
    }

    public static function of(SpecialDay $row): self
    {
        return new self(
            $row->date,
            $row->of === 'staff' ? $row->owner_id : null,
            $row->of === 'location' ? $row->owner_id : null,
            WeeklyTable::stretches(array_map(Given::in(...), $row->hours)),
        );
    }

    public static function rules(Business $business, ?string $id): array
    {
        $table = new WeeklyTable(Column::strings($business->locations()->pluck('id')));
        $hours = static function (string $attribute, mixed $value, Closure $fail) use ($table): void {
            $wrong = $table->wrongDay($value);
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

    public static function sentences(): array
    {
        return [
            'date.required' => 'wrong.special_day.date',
            'staff.*' => 'wrong.special_day.owner_required',
            'location.*' => 'wrong.special_day.owner',
        ];
    }

    public function name(): string
    {
        return (new Sentence('thing.special_day', ['date' => $this->date]))->text();
    }

    /** @return array{of: string, owner_id: string} whose it is, as the row has it */
    public function owner(): array
    {
        return match (true) {
            $this->staff !== null => ['of' => 'staff', 'owner_id' => $this->staff],
            $this->location !== null => ['of' => 'location', 'owner_id' => $this->location],
            default => ['of' => 'business', 'owner_id' => ''],
        };
    }

    /** @return list<Window> */
    public function toCore(): array
    {
        return WeeklyTable::list($this->hours);
    }
}
