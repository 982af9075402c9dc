<?php

declare(strict_types=1);

namespace App\Offer\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Models\Daypart;
use App\Support\Checks;
use App\Support\Given;
use YardBell\Core\Availability\Daypart as Part;
use YardBell\Core\Time\Window;

/** Times of the day like "09:30". */
final readonly class DaypartContent extends Content
{
    public function __construct(public string $name, public string $from, public string $to)
    {
    }

    public static function from(Given $given): static
    {
        return new self($given->text('name'), $given->string('from'), $given->string('to'));
    }

    public static function of(Daypart $row): self
    {
        return new self($row->name, $row->from, $row->to);
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'name' => 'required|string|max:120',
            'from' => ['required', Checks::timeOfDay()],
            'to' => ['required', 'different:from', Checks::timeOfDay()],
        ];
    }

    public static function sentences(): array
    {
        return [
            'name.required' => 'wrong.daypart.name_required',
            'from.required' => 'wrong.daypart.begin_required',
            'to.required' => 'wrong.daypart.end_required',
            'to.different' => 'wrong.daypart.empty',
        ];
    }

    public function name(): string
    {
        return $this->name;
    }

    public function toCore(string $id): Part
    {
        return new Part($id, $this->name, Window::between($this->from, $this->to));
    }
}
