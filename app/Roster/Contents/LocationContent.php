<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Changes\Content;
use App\Clients\PhoneNumber;
use App\Models\Business;
use App\Models\Location;
use App\Support\Checks;
use App\Support\Given;
use App\Support\WeeklyTable;
use YardBell\Core\Availability\Location as Place;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Window;

/** @phpstan-import-type Week from WeeklyTable */
final readonly class LocationContent extends Content
{
    /** @param  Week|null  $hours null: the business's */
    public function __construct(
        public string $name,
        public string $address,
        public string $directions,
        public string $phone,
        public ?string $picture,
        public bool $online,
        public string $meetingLink,
        public ?array $hours,
    ) {
    }

    public static function from(Given $given): static
    {
        return new self(
            name: $given->text('name'),
            address: $given->text('address'),
            directions: $given->text('directions'),
            phone: $given->text('phone'),
            picture: $given->stringIf('picture'),
            online: $given->bool('online'),
            meetingLink: $given->bool('online') ? $given->string('meetingLink') : '',
            hours: WeeklyTable::of($given, 'hours'),
        );
    }

    public static function of(Location $row): self
    {
        return new self(
            name: $row->name,
            address: $row->address,
            directions: $row->directions,
            phone: $row->phone,
            picture: $row->picture,
            online: $row->online,
            meetingLink: $row->meeting_link,
            hours: WeeklyTable::whole($row->hours),
        );
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'name' => 'required|string|max:120',
            'address' => 'nullable|string|max:300',
            'directions' => 'nullable|string|max:1000',
            'phone' => ['nullable', 'string', 'max:40', new PhoneNumber($business->time_zone)],
            'picture' => Checks::picture($business),
            'online' => 'required|boolean',
            'meetingLink' => ['nullable', 'string', 'max:300', Checks::link()],
            'hours' => ['present', 'nullable', new WeeklyTable()],
        ];
    }

    public static function sentences(): array
    {
        return ['name.required' => 'wrong.location.name_required'];
    }

    public function name(): string
    {
        return $this->name;
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return [
            'name' => $this->name,
            'address' => $this->address,
            'directions' => $this->directions,
            'phone' => $this->phone,
            'picture' => $this->picture,
            'online' => $this->online,
            'meeting_link' => $this->meetingLink,
            'hours' => $this->hours,
        ];
    }

    /** @param  array<int, list<Window>>  $special by day number */
    public function toCore(string $id, array $special): Place
    {
        return new Place(
            $id,
            $this->name,
            Hours::ofLocation($this->hours === null ? null : WeeklyTable::windows($this->hours), $special),
        );
    }
}
