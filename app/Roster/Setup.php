<?php

declare(strict_types=1);

namespace App\Roster;

use App\Access\Access;
use App\Access\Act;
use App\Access\Role;
use App\Bookings\Shown;
use App\Bookings\Tariffs;
use App\Facts\Mark;
use App\Language\Catalogue;
use App\Language\Languages;
use App\Ledger\Contents\PricingContent;
use App\Models\AddOn;
use App\Models\Business;
use App\Models\Category;
use App\Models\Daypart;
use App\Models\Invitation;
use App\Models\Location;
use App\Models\Member;
use App\Models\Pool;
use App\Models\Question;
use App\Models\Unit;
use App\Roster\Things\AccessThing;
use App\Support\Clock;
use App\Support\Column;
use App\Support\Given;
use App\Support\WeeklyTable;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Facades\DB;
use stdClass;
use YardBell\Core\Price\Tariff;

/** All that is set up, by list and name: what the rooms Roster and Offer show before anything is opened. */
final readonly class Setup
{
    public function __construct(
        private ConnectionInterface $db,
        private Checklist $checklist,
        private Clock $clock,
        private Languages $languages,
        private Catalogue $catalogue,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Business $business, Access $access): array
    {
        $seesAll = $access->role->may(Act::SeeBoard);

        return [
            'slug' => $business->slug,
            'name' => $business->name,
            'timeZone' => $business->time_zone,
            'locales' => $this->languages->locales(),
            'clock' => $business->clock,
            'currency' => $business->currency,
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
            'staff' => $business
                ->staff()
                ->get([
                    'id',
                    'business_id',
                    'name',
                    'colour',
                    'pattern',
                    'email',
                    'active',
                    'picture',
                    'page',
                    'changes_own_hours',
                    DB::raw('hours is not null as own_hours'),
                ])
                ->filter(static fn (Member $member): bool => $seesAll || $member->id === $access->staff)
                ->map(self::member(...))
                ->values()
                ->all(),
            'locations' => $business
                ->locations()
                ->get()
                ->map(
                    static fn (Location $location): array => [
                        'id' => $location->id,
                        'name' => $location->name,
                        'address' => $location->address,
                        'online' => $location->online,
                        'picture' => $location->picture,
                        'ownHours' => $location->hours !== null,
                    ],
                )
                ->values()
                ->all(),
            'pools' => $this->pools($business),
            'dayparts' => Daypart::query()
                ->orderBy('position')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (Daypart $daypart): array => [
                        'id' => $daypart->id,
                        'name' => $daypart->name,
                        'from' => $daypart->from,
                        'to' => $daypart->to,
                    ],
                )
                ->values()
                ->all(),
            'categories' => Category::query()
                ->orderBy('position')
                ->orderBy('id')
                ->get(['id', 'name'])
                ->map(static fn (Category $category): array => ['id' => $category->id, 'name' => $category->name])
                ->values()
                ->all(),
            'services' => $this->services($business),
            'addOns' => AddOn::query()
                ->orderBy('position')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (AddOn $addOn): array => [
                        'id' => $addOn->id,
                        'name' => $addOn->name,
                        'price' => $addOn->price,
                        'minutes' => $addOn->minutes,
                    ],
                )
                ->values()
                ->all(),
            'questions' => Question::query()
                ->orderBy('position')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (Question $question): array => [
                        'id' => $question->id,
                        'text' => $question->text,
                        'type' => $question->type,
                        'required' => $question->required,
                        'choices' => $question->choices,
                    ],
                )
                ->values()
                ->all(),
            'signIns' => $access->role->may(Act::ManageSignIns) ? AccessThing::all($business) : [],
            'invitations' => $access->role->may(Act::ManageSignIns) ? $this->invitations($business) : [],
            'missing' => $this->checklist->of($business),
            'canPublish' => $this->checklist->canBeBooked($business),
        ];
    }

    /** @return array<string, mixed> */
    private static function member(Member $member): array
    {
        return [
            ...Mark::of($member),
            'email' => $member->email,
            'active' => $member->active,
            'ownHours' => (bool) $member->getAttribute('own_hours'),
            'picture' => $member->picture,
            'page' => $member->page,
            'changesOwnHours' => $member->changes_own_hours,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function services(Business $business): array
    {
        $places = $this->assigned($business, 'location');
        $staff = $this->assigned($business, 'staff');
        $columns = [
            'id',
            'name',
            'category_id',
            'kind',
            'minutes',
            'lengths',
            'pricing',
            'colour',
            'pattern',
            'visibility',
            'active',
            'picture',
        ];

        return array_values(
            $business
                ->services()
                ->toBase()
                ->get($columns)
                ->map(
                    static fn (stdClass $service): array => [
                        'id' => $service->id,
                        'name' => $service->name,
                        'initials' => Mark::initials($service->name),
                        'colour' => $service->colour,
                        'pattern' => $service->pattern,
                        'category' => $service->category_id,
                        'kind' => $service->kind,
                        'minutes' => $service->minutes,
                        'lengths' => self::lengths($service),
                        'ownLength' => str_starts_with((string) $service->lengths, '{'),
                        'visibility' => $service->visibility,
                        'active' => (bool) $service->active,
                        'picture' => $service->picture,
                        'price' => Shown::price(self::tariff($service), $staff[$service->id] ?? []),
                        'staff' => $staff[$service->id] ?? [],
                        'locations' => $places[$service->id] ?? [],
                    ],
                )
                ->all(),
        );
    }

    private static function tariff(stdClass $service): Tariff
    {
        /** @var list<int>|array{min: int, max: int, step: int} $lengths */
        $lengths = json_decode($service->lengths ?? '[]', true);

        return Tariffs::priced(
            $service->name,
            $service->kind,
            $service->minutes,
            $lengths,
            PricingContent::from(Given::json($service->pricing)),
        );
    }

    /** @return array<string, list<string>> ids by service, each in its order */
    private function assigned(Business $business, string $what): array
    {
        $assigned = [];
        $rows = $this->db
            ->table("service_{$what}")
            ->where('business_id', $business->id)
            ->orderBy('position')
            ->get(['service_id', "{$what}_id as one"]);
        foreach ($rows as $row) {
            $assigned[(string) $row->service_id][] = (string) $row->one;
        }

        return $assigned;
    }

    /** @return list<int> all lengths it has; of a length of the client's own the shortest and the longest */
    private static function lengths(stdClass $service): array
    {
        $lengths = json_decode($service->lengths ?? 'null', true);

        return match (true) {
            $service->kind === 'session' => [],
            ! is_array($lengths) => [$service->minutes],
            array_is_list($lengths) => $lengths,
            default => [$lengths['min'], $lengths['max']],
        };
    }

    /** @return list<array<string, mixed>> */
    private function pools(Business $business): array
    {
        $units = Unit::query()
            ->orderBy('position')
            ->orderBy('id')
            ->get(['pool_id', 'name']);

        return array_values(
            Pool::query()
                ->orderBy('position')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn (Pool $pool): array => [
                        'id' => $pool->id,
                        'name' => $pool->name,
                        'location' => $pool->location_id,
                        'units' => Column::strings($units->where('pool_id', $pool->id)->pluck('name')),
                    ],
                )
                ->all(),
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
