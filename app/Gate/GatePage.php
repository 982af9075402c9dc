<?php

declare(strict_types=1);

namespace App\Gate;

use App\Bookings\ServiceSummary;
use App\Facts\Badge;
use App\Models\AddOn;
use App\Models\Business;
use App\Models\Category;
use App\Models\Location;
use App\Models\Member;
use App\Models\OfferCode;
use App\Models\Service;
use App\Prices\Contents\FrequencyContent;
use App\Prices\PriceLists;
use App\Prices\Tariffs;
use App\Support\Column;
use App\Support\Given;
use App\Support\WeeklyTable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Tariff;

/**
 * What the Gate shows before anything is asked: the business, its services, who does them. Nothing private, and nothing
 * that only services not shown here name.
 */
final readonly class GatePage
{
    /** More than so many are not picked from a list; they call. */
    public const LARGEST_PARTY = 12;

    public function __construct(private PriceLists $lists)
    {
    }

    /**
     * @param  string|null  $linked id of a service that is shown though it is not on the page: whoever has its link may
     *   book it
     * @return array<string, mixed>
     */
    public function of(Business $business, ?string $linked = null): array
    {
        $services = self::offered($business)
            ->where(static fn (Builder $query) => $query->where('visibility', 'page')->orWhere('id', $linked))
            ->with('staff', 'locations')
            ->get();

        $ids = Column::strings($services->pluck('id'));
        $addOns = AddOn::query()
            ->where('business_id', $business->id)
            ->orderBy('position')
            ->orderBy('id')
            ->get()
            ->filter(
                static fn (AddOn $addOn): bool => $addOn->services === null ||
                    array_intersect($addOn->services, $ids) !== [],
            )
            ->values();
        $staff = array_merge(
            ...$services
                ->map(static fn (Service $service): array => $service->staff->pluck('id')->all())
                ->values()
                ->all(),
        );
        $places = array_merge(
            ...$services
                ->map(static fn (Service $service): array => $service->locations->pluck('id')->all())
                ->values()
                ->all(),
        );

        return [
            'business' => self::business($business),
            'categories' => Category::query()
                ->where('business_id', $business->id)
                ->whereIn('id', $services->pluck('category_id')->filter()->all())
                ->orderBy('position')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (Category $category): array => [
                        'id' => $category->id,
                        'name' => $category->name,
                        'description' => $category->description,
                        'picture' => $category->picture,
                    ],
                )
                ->values()
                ->all(),
            'services' => $services
                ->map(static fn (Service $service): array => self::service($service, Tariffs::with($service, $addOns)))
                ->values()
                ->all(),
            'addOns' => $addOns
                ->map(
                    static fn (AddOn $addOn): array => [
                        'id' => $addOn->id,
                        'name' => $addOn->name,
                        'price' => $addOn->price,
                        'minutes' => $addOn->minutes,
                        'perPerson' => $addOn->per_person,
                        'picture' => $addOn->picture,
                    ],
                )
                ->values()
                ->all(),
            'questions' => Questions::of($business, $ids),
            'consent' => $business->consent,
            'asksPhone' => $business->asks_phone,
            'ownPrices' => self::mayBeCheaper($services, $this->lists->of($business)),
            'codes' => OfferCode::query()->where('business_id', $business->id)->exists(),
            'staff' => $business
                ->staff()
                ->where('active', true)
                ->whereIn('id', $staff)
                ->get()
                ->map(
                    static fn (Member $member): array => [
                        ...Badge::of($member),
                        'about' => $member->about,
                        'picture' => $member->picture,
                    ],
                )
                ->values()
                ->all(),
            'locations' => $business
                ->locations()
                ->whereIn('id', $places)
                ->get()
                ->map(
                    static fn (Location $location): array => [
                        'id' => $location->id,
                        'name' => $location->name,
                        'address' => $location->address,
                        'directions' => $location->directions,
                        'phone' => $location->phone,
                        'link' => '',
                        'picture' => $location->picture,
                    ],
                )
                ->values()
                ->all(),
        ];
    }

    /**
     * Of which services somebody who is known may have a price of their own (rules.md P1, P5): it is said to everybody,
     * so that it tells nothing of an address.
     *
     * @param  Collection<int, Service>  $services
     * @return list<string> ids
     */
    private static function mayBeCheaper(Collection $services, PriceList $list): array
    {
        $own = array_merge(...array_map(array_keys(...), array_values($list->clientRates)));
        $some = $services->filter(
            static fn (Service $service): bool => in_array($service->id, array_map(strval(...), $own), true) ||
                FrequencyContent::of(Given::in($service->pricing)) !== [],
        );

        return Column::strings($some->pluck('id'));
    }

    /** @return array<string, mixed> */
    private static function service(Service $service, Tariff $tariff): array
    {
        $staff = Column::strings($service->staff->where('active', true)->pluck('id'));

        return [
            ...Badge::of($service),
            'description' => $service->description,
            'category' => $service->category_id,
            'picture' => $service->picture,
            'minutes' => $service->minutes,
            'lengths' => ServiceSummary::lengths($tariff, $service),
            'price' => ServiceSummary::price($tariff, $staff),
            'payment' => $service->payment_terms['kind'],
            'cancellation' => $service->cancellation,
            'approval' => $service->approval,
            'choosesStaff' => $service->assignment === 'choose' && $service->kind === 'appointment',
            'session' => $service->kind === 'session',
            'largestParty' => self::largestParty($service),
            'heads' => $service->callsThem(),
            'locations' => $service->locations->pluck('id')->values()->all(),
            'staff' => $staff,
            'addOns' => array_keys($tariff->addOns),
            'joins' => $service->kind === 'appointment' && $service->places === 1,
        ];
    }

    public static function largestParty(Service $service): int
    {
        return min(
            self::LARGEST_PARTY,
            $service->max_party ?? ($service->kind === 'session' ? self::LARGEST_PARTY : $service->places),
        );
    }

    /** @return HasMany<Service, Business> what clients may book, on the page or by its link */
    public static function offered(Business $business): HasMany
    {
        return $business->services()->where('active', true)->where('visibility', '<>', 'desk');
    }

    /** @return array<string, mixed> */
    public static function business(Business $business): array
    {
        return [
            'clock' => $business->clock,
            'email' => $business->email,
            'phone' => $business->phone,
            'links' => $business->links,
            'logo' => $business->logo,
            'banner' => $business->banner,
            'hours' => WeeklyTable::whole($business->public_hours ?? $business->opening_hours),
            'slug' => $business->slug,
            'name' => $business->name,
            'about' => $business->about,
            'timeZone' => $business->time_zone,
            'currency' => $business->currency,
        ];
    }
}
