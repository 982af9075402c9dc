<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Content;
use App\Changes\Lists;
use App\Changes\ModelThing;
use App\Language\Sentence;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Id;
use App\Models\Outage;
use App\Models\Pool;
use App\Models\Unit;
use App\Roster\Contents\PoolContent;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\RuleBook;

/**
 * A pool of resource units, with what is out of order when (rules.md T9).
 *
 * @extends ModelThing<PoolContent, Pool>
 */
final readonly class PoolThing extends ModelThing
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    public function contents(): string
    {
        return PoolContent::class;
    }

    protected function model(): string
    {
        return Pool::class;
    }

    public function content(Model $row): PoolContent
    {
        $units = self::units($row->business_id, $row->id)->orderBy('position')->orderBy('id')->get();

        return PoolContent::of($row, $units, self::outages($row->business_id, $units->modelKeys())->get());
    }

    protected function columns(Content $content): array
    {
        return ['name' => $content->name, 'location_id' => $content->location];
    }

    public function write(Business $business, string $id, ?Content $content): void
    {
        parent::write($business, $id, $content);
        self::outages($business->id, self::units($business->id, $id)->get()->modelKeys())->delete();
        self::units($business->id, $id)
            ->whereNotIn('id', $content?->units() ?? [])
            ->delete();
        foreach ($content->units ?? [] as $position => $unit) {
            Unit::query()->updateOrCreate(
                ['business_id' => $business->id, 'id' => $unit->id],
                ['pool_id' => $id, 'name' => $unit->name, 'position' => $position],
            );
        }
        foreach ($content->outages ?? [] as $outage) {
            Outage::query()->create([
                'business_id' => $business->id,
                'id' => Id::make(),
                'unit_id' => $outage->unit,
                'name' => $outage->name,
                'from' => $outage->from,
                'to' => $outage->to,
            ]);
        }
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        $needed = $this->db
            ->table('service_pool')
            ->where('business_id', $business->id)
            ->where('pool_id', $id)
            ->exists();
        if ($content === null && $needed) {
            return 'wrong.pool.in_use';
        }
        foreach (
            self::units($business->id, $id)
                ->whereNotIn('id', $content?->units() ?? [])
                ->get() as $unit
        ) {
            if (
                Booking::query()->where('business_id', $business->id)->whereJsonContains('units', $unit->id)->exists()
            ) {
                return (new Sentence('wrong.pool.booked', ['name' => $unit->name]))->text();
            }
        }

        return null;
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        return $book->with(pools: Lists::put($book->pools, $id, $content?->toCore($id, $book->zone)));
    }

    /** @return Builder<Unit> */
    private static function units(int $business, string $pool): Builder
    {
        return Unit::query()->where('business_id', $business)->where('pool_id', $pool);
    }

    /**
     * @param  array<mixed>  $units ids
     * @return Builder<Outage>
     */
    private static function outages(int $business, array $units): Builder
    {
        return Outage::query()->where('business_id', $business)->whereIn('unit_id', $units);
    }
}
