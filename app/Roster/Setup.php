<?php

declare(strict_types=1);

namespace App\Roster;

use App\Models\Business;
use App\Models\Member;
use App\Models\Service;

/** All that an owner has set up, for the workspace. */
final readonly class Setup
{
    /** @return array<string, mixed> */
    public function of(Business $business): array
    {
        $location = $business->locations()->first();

        return [
            'slug' => $business->slug, 'name' => $business->name, 'about' => $business->about, 'address' => $location->address ?? '',
            'timeZone' => $business->time_zone, 'currency' => $business->currency,
            'published' => $business->published_at !== null,
            'link' => config('app.url')."/book/{$business->slug}",
            'openingHours' => (object) $business->opening_hours,
            'staff' => $business->staff()->get()->map(static fn (Member $member): array => self::member($member))->values()->all(),
            'services' => $business->services()->with('staff')->get()->map(static fn (Service $service): array => self::service($service))->values()->all(),
            'missing' => $this->missing($business),
        ];
    }

    /** @return list<array{what: string, where: string}> what still keeps a first booking from happening, and where it is mended */
    public function missing(Business $business): array
    {
        $missing = [];
        if (array_filter($business->opening_hours) === []) {
            $missing[] = ['what' => 'No opening hours are set, so nothing is ever open.', 'where' => 'hours'];
        }
        if ($business->staff()->where('active', true)->doesntExist()) {
            $missing[] = ['what' => 'Nobody can be booked yet: add somebody to the staff.', 'where' => 'staff'];
        }
        $services = $business->services()->where('active', true)->with('staff')->get();
        if ($services->isEmpty()) {
            $missing[] = ['what' => 'There is no service to book yet: add the first one.', 'where' => 'services'];
        }
        foreach ($services as $service) {
            if ($service->staff->where('active', true)->isEmpty()) {
                $missing[] = ['what' => "Nobody does \"{$service->name}\": say who.", 'where' => 'services'];
            }
        }

        return $missing;
    }

    /** @return array<string, mixed> */
    private static function member(Member $member): array
    {
        return [
            ...Mark::of($member), 'email' => $member->email, 'active' => $member->active,
            'hours' => $member->hours === null ? null : (object) $member->hours,
            'breaks' => $member->breaks === null ? null : (object) $member->breaks,
        ];
    }

    /** @return array<string, mixed> */
    private static function service(Service $service): array
    {
        return [
            'id' => $service->id, 'name' => $service->name, 'description' => $service->description, 'price' => $service->price,
            'payment' => $service->payment, 'minutes' => $service->minutes, 'setup' => $service->setup, 'clearup' => $service->clearup,
            'startEvery' => $service->start_every, 'noticeMinutes' => $service->notice_minutes, 'bookAheadDays' => $service->book_ahead_days,
            'assignment' => $service->assignment, 'active' => $service->active, 'staff' => $service->staff->pluck('id')->all(),
        ];
    }
}
