<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Content;
use App\Changes\Lists;
use App\Changes\ModelThing;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Location;
use App\Roster\Contents\LocationContent;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\RuleBook;

/**
 * A place where appointments happen, or a page online.
 *
 * @extends ModelThing<LocationContent, Location>
 */
final readonly class LocationThing extends ModelThing
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    public function contents(): string
    {
        return LocationContent::class;
    }

    protected function model(): string
    {
        return Location::class;
    }

    public function content(Model $row): LocationContent
    {
        return LocationContent::of($row);
    }

    protected function columns(Content $content): array
    {
        return $content->columns();
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        if ($content !== null) {
            return null;
        }
        $in = fn (string $table): bool => $this->db
            ->table($table)
            ->where('business_id', $business->id)
            ->where('location_id', $id)
            ->exists();
        $hours = $this->db
            ->table('staff')
            ->where('business_id', $business->id)
            ->where('hours', 'like', "%{$id}%")
            ->exists();
        $isBooked = Booking::query()->where('business_id', $business->id)->where('location_id', $id)->exists();

        return match (true) {
            $isBooked => 'wrong.location.booked',
            $in('service_location') => 'wrong.location.offered',
            $in('pools') || $in('scheduled_sessions') || $hours => 'wrong.location.in_use',
            default => null,
        };
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        $special = ($book->locations[$id] ?? null)?->hours?->specialDays() ?? [];

        return $book->with(locations: Lists::put($book->locations, $id, $content?->toCore($id, $special)));
    }
}
