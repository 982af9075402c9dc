<?php

declare(strict_types=1);

namespace App\Gate;

use App\Models\Business;
use App\Models\Location;
use App\Models\Member;
use App\Models\Service;
use App\Roster\Mark;

/** What the Gate shows before anything is asked: the business, its services, who does them. Nothing private. */
final readonly class GatePage
{
    /** More than so many are not picked from a list; they call. */
    private const LARGEST_PARTY = 12;

    public static function published(string $slug): Business
    {
        return Business::query()->where('slug', $slug)->whereNotNull('published_at')->firstOrFail();
    }

    /** @return array<string, mixed> */
    public function of(Business $business): array
    {
        $services = $business->services()->where('active', true)->with('staff', 'locations')->get();

        return [
            'business' => self::business($business),
            'services' => $services->map(static fn (Service $service): array => [
                'id' => $service->id, 'name' => $service->name, 'description' => $service->description, 'minutes' => $service->minutes,
                'price' => $service->price, 'payment' => $service->payment,
                'choosesStaff' => $service->assignment === 'choose' && $service->kind === 'appointment',
                'session' => $service->kind === 'session', 'largestParty' => min(self::LARGEST_PARTY, $service->max_party ?? ($service->kind === 'session' ? self::LARGEST_PARTY : $service->places)),
                'locations' => $service->locations->pluck('id')->values()->all(),
                'staff' => $service->staff->where('active', true)->pluck('id')->values()->all(),
            ])->values()->all(),
            'staff' => $business->staff()->where('active', true)->get()->map(static fn (Member $member): array => Mark::of($member))->values()->all(),
            'locations' => $business->locations()->get()->map(static fn (Location $location): array => [
                'id' => $location->id, 'name' => $location->name, 'address' => $location->address,
            ])->values()->all(),
        ];
    }

    /** @return array<string, string> */
    public static function business(Business $business): array
    {
        return [
            'slug' => $business->slug, 'name' => $business->name, 'about' => $business->about,
            'timeZone' => $business->time_zone, 'currency' => $business->currency,
        ];
    }
}
