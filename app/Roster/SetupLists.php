<?php

declare(strict_types=1);

namespace App\Roster;

use App\Bookings\ServiceSummary;
use App\Facts\Badge;
use App\Models\AddOn;
use App\Models\Business;
use App\Models\Category;
use App\Models\Daypart;
use App\Models\Location;
use App\Models\Member;
use App\Models\OfferCode;
use App\Models\Pool;
use App\Models\Question;
use App\Models\Surcharge;
use App\Models\TaxRate;
use App\Models\Unit;
use App\Prices\Contents\PricingContent;
use App\Prices\Tariffs;
use App\Support\Column;
use App\Support\Given;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use stdClass;
use YardBell\Core\Price\Tariff;

/**
 * The lists of what is set up, by name and what a line of a list shows; kept on this machine as long as the business's
 * version of its rules is the same, as its rule book is (see RuleBooks).
 *
 * @phpstan-type Lists array{
 *     staff: list<array<string, mixed>>, offerCodes: list<array{id: string, used: int, ...}>, ...,
 * }
 */
final readonly class SetupLists
{
    public function __construct(private ConnectionInterface $db, private Repository $cache)
    {
    }

    /** @return Lists by list */
    public function of(Business $business): array
    {
        $key = "lists-{$business->id}";
        $kept = $this->cache->get($key);
        if (is_array($kept) && $kept[0] === $business->rules_version) {
            /** @var Lists $lists as they were put there, below */
            $lists = $kept[1];

            return $lists;
        }
        $lists = $this->read($business);
        $this->cache->forever($key, [$business->rules_version, $lists]);

        return $lists;
    }

    /** @return Lists */
    private function read(Business $business): array
    {
        return [
            'staff' => array_values(
                $business
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
                    ->map(self::member(...))
                    ->all(),
            ),
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
            'dayparts' => self::inOrder(Daypart::class, static fn (Daypart $daypart): array => [
                'id' => $daypart->id,
                'name' => $daypart->name,
                'from' => $daypart->from,
                'to' => $daypart->to,
            ]),
            'categories' => self::inOrder(Category::class, static fn (Category $category): array => [
                'id' => $category->id,
                'name' => $category->name,
            ]),
            'services' => $this->services($business),
            'addOns' => self::inOrder(AddOn::class, static fn (AddOn $addOn): array => [
                'id' => $addOn->id,
                'name' => $addOn->name,
                'price' => $addOn->price,
                'minutes' => $addOn->minutes,
                'services' => $addOn->services,
            ]),
            'taxRates' => self::inOrder(TaxRate::class, static fn (TaxRate $rate): array => [
                'id' => $rate->id,
                'name' => $rate->name,
                'percent' => $rate->percent,
            ]),
            'surcharges' => self::inOrder(Surcharge::class, static fn (Surcharge $surcharge): array => [
                'id' => $surcharge->id,
                'name' => $surcharge->name,
                'when' => $surcharge->when,
                'amount' => $surcharge->amount,
                'percent' => $surcharge->percent,
                'weekdays' => $surcharge->weekdays,
                'dates' => $surcharge->dates,
                'hours' => $surcharge->hours,
                'staffAmount' => $surcharge->staff_amount,
                'staffPercent' => $surcharge->staff_percent,
            ]),
            'offerCodes' => self::inOrder(OfferCode::class, static fn (OfferCode $code): array => [
                'id' => $code->id,
                'name' => $code->code,
                'amount' => $code->amount,
                'percent' => $code->percent,
                'until' => $code->until,
                'uses' => $code->uses,
                'used' => $code->used_before,
            ]),
            'questions' => self::inOrder(Question::class, static fn (Question $question): array => [
                'id' => $question->id,
                'text' => $question->text,
                'type' => $question->type->value,
                'required' => $question->required,
                'choices' => $question->choices,
            ]),
        ];
    }

    /**
     * @template M of Model
     * @template R of array<string, mixed>
     *
     * @param  class-string<M>  $model
     * @param  callable(M): R  $row
     * @return list<R> of the current business, in its owner's order
     */
    private static function inOrder(string $model, callable $row): array
    {
        $rows = $model::query()->orderBy('position')->orderBy('id')->get();

        return array_map($row, array_values($rows->all()));
    }

    /** @return array<string, mixed> */
    private static function member(Member $member): array
    {
        return [
            ...Badge::of($member),
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
                        'initials' => Badge::initials($service->name),
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
                        'price' => ServiceSummary::price(self::tariff($service), $staff[$service->id] ?? []),
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
            id: $service->id,
            name: $service->name,
            kind: $service->kind,
            minutes: $service->minutes,
            lengths: $lengths,
            pricing: PricingContent::from(Given::json($service->pricing)),
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
}
