<?php

declare(strict_types=1);

namespace App\Roster;

use App\Access\Access;
use App\Access\Act;
use App\Access\Role;
use App\Language\Catalogue;
use App\Language\Languages;
use App\Models\Business;
use App\Models\Invitation;
use App\Prices\CodeUses;
use App\Roster\Things\AccessThing;
use App\Support\Clock;
use App\Support\WeeklyTable;

/** All that is set up, by list and name: what the rooms Roster and Offer show before anything is opened. */
final readonly class Setup
{
    public function __construct(
        private SetupLists $lists,
        private CodeUses $uses,
        private Checklist $checklist,
        private Clock $clock,
        private Languages $languages,
        private Catalogue $catalogue,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Business $business, Access $access): array
    {
        $lists = $this->lists->of($business);
        if (! $access->role->may(Act::SeeBoard)) {
            $lists['staff'] = array_values(
                array_filter($lists['staff'], static fn (array $member): bool => $member['id'] === $access->staff),
            );
        }

        return [
            'slug' => $business->slug,
            'name' => $business->name,
            'timeZone' => $business->time_zone,
            'locales' => $this->languages->locales(),
            'clock' => $business->clock,
            'currency' => $business->currency,
            'pricesIncludeTax' => $business->prices_include_tax,
            'published' => $business->published_at !== null,
            'link' => config()->string('app.url')."/book/{$business->slug}",
            'openingHours' => WeeklyTable::whole($business->opening_hours),
            'me' => [
                'role' => $access->role->value,
                'staff' => $access->staff,
                'may' => array_values(
                    array_map(
                        static fn (Act $act): string => $act->value,
                        array_filter(Act::cases(), $access->role->may(...)),
                    ),
                ),
            ],
            'roles' => array_map(
                fn (Role $role): array => [
                    'role' => $role->value,
                    'words' => $this->catalogue->sentence($role->does()),
                ],
                Role::cases(),
            ),
            ...$lists,
            'offerCodes' => $access->role->may(Act::SeeSales) ? $this->used($business, $lists['offerCodes']) : [],
            'signIns' => $access->role->may(Act::ManageSignIns) ? AccessThing::all($business) : [],
            'invitations' => $access->role->may(Act::ManageSignIns) ? $this->invitations($business) : [],
            'missing' => $this->checklist->of($business),
            'canPublish' => $this->checklist->canBeBooked($business),
        ];
    }

    /**
     * Codes with what bookings have used of them by now.
     *
     * @param  list<array{id: string, used: int, ...}>  $codes
     * @return list<array<string, mixed>>
     */
    private function used(Business $business, array $codes): array
    {
        $used = $codes === [] ? [] : $this->uses->sofar($business);

        return array_map(
            static fn (array $code): array => ['used' => $code['used'] + ($used[$code['id']] ?? 0)] + $code,
            $codes,
        );
    }

    /** @return list<array<string, mixed>> those that wait */
    private function invitations(Business $business): array
    {
        return array_values(
            Invitation::query()
                ->where('business_id', $business->id)
                ->whereNull('accepted_at')
                ->where('expires_at', '>', $this->clock->now())
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (Invitation $invitation): array => [
                        'id' => $invitation->id,
                        'email' => $invitation->email,
                        'role' => $invitation->role,
                        'staff' => $invitation->staff_id,
                    ],
                )
                ->all(),
        );
    }
}
