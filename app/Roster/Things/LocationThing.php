<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Lists;
use App\Changes\ModelThing;
use App\Clients\PhoneNumber;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Location;
use App\Roster\Checks;
use App\Support\WeeklyTable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\Location as Place;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Hours;

/** A place where appointments happen, or a page online. */
final readonly class LocationThing extends ModelThing
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    protected function model(): string
    {
        return Location::class;
    }

    public function rules(Business $business, ?string $id): array
    {
        return [
            'name' => 'required|string|max:120',
            'address' => 'nullable|string|max:300',
            'directions' => 'nullable|string|max:1000',
            'phone' => ['nullable', 'string', 'max:40', new PhoneNumber($business->time_zone)],
            'picture' => Checks::picture($business),
            'online' => 'required|boolean',
            'meetingLink' => ['nullable', 'string', 'max:300', Checks::link()],
            'hours' => ['present', 'nullable', new WeeklyTable],
        ];
    }

    public function shaped(array $given): array
    {
        return [
            'name' => trim($given['name']), 'address' => trim($given['address'] ?? ''), 'directions' => trim($given['directions'] ?? ''), 'phone' => trim($given['phone'] ?? ''),
            'picture' => $given['picture'] ?? null, 'online' => (bool) $given['online'], 'meetingLink' => $given['online'] ? $given['meetingLink'] ?? '' : '', 'hours' => WeeklyTable::whole($given['hours']),
        ];
    }

    public function content(Model $row): array
    {
        assert($row instanceof Location);

        return [
            'name' => $row->name, 'address' => $row->address, 'directions' => $row->directions, 'phone' => $row->phone,
            'picture' => $row->picture, 'online' => $row->online, 'meetingLink' => $row->meeting_link, 'hours' => WeeklyTable::whole($row->hours),
        ];
    }

    protected function columns(array $content): array
    {
        return [
            'name' => $content['name'], 'address' => $content['address'], 'directions' => $content['directions'], 'phone' => $content['phone'],
            'picture' => $content['picture'], 'online' => $content['online'], 'meeting_link' => $content['meetingLink'], 'hours' => $content['hours'],
        ];
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        if ($content !== null) {
            return null;
        }
        $in = fn (string $table): bool => $this->db->table($table)->where('business_id', $business->id)->where('location_id', $id)->exists();
        $hours = $this->db->table('staff')->where('business_id', $business->id)->where('hours', 'like', "%{$id}%")->exists();

        return match (true) {
            Booking::query()->where('business_id', $business->id)->where('location_id', $id)->exists() => 'There are bookings at this location, so it stays. Take it off the services that are offered here.',
            $in('service_location') => 'Services are offered here. Take the location off them first.',
            $in('pools') || $in('scheduled_sessions') || $hours => 'Resources, sessions or somebody\'s hours belong to this location. Move those first.',
            default => null,
        };
    }

    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        $known = $book->locations[$id] ?? null;
        $hours = $content === null ? null : Hours::ofLocation($content['hours'] === null ? null : WeeklyTable::windows($content['hours']), $known?->hours?->specialDays() ?? []);

        return $book->with(locations: Lists::put($book->locations, $id, $content === null ? null : new Place($id, $content['name'], $hours)));
    }
}
