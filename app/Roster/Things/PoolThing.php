<?php

declare(strict_types=1);

namespace App\Roster\Things;

use App\Changes\Lists;
use App\Changes\ModelThing;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Id;
use App\Models\Outage;
use App\Models\Pool;
use App\Models\Unit;
use App\Roster\Checks;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use YardBell\Core\Availability\Pool as Wheels;
use YardBell\Core\Availability\RuleBook;
use YardBell\Core\Time\Wall;
use YardBell\Core\Time\WallSpan;

/** A pool of resource units, with what is out of order when (rules.md T9). */
final readonly class PoolThing extends ModelThing
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    protected function model(): string
    {
        return Pool::class;
    }

    public function rules(Business $business, ?string $id): array
    {
        return [
            'name' => 'required|string|max:120',
            'location' => ['present', 'nullable', ...Checks::of($business, 'locations')],
            'units' => 'present|array|list|max:200',
            'units.*' => 'array:id,name',
            'units.*.id' => ['required', 'string', 'distinct', 'regex:/^[0-9A-HJKMNP-TV-Z]{26}\z/i', 'unique:units,id'.($id === null ? '' : ",{$id},pool_id")],
            'units.*.name' => 'required|string|max:120|distinct:ignore_case',
            'outages' => 'present|array|list|max:400',
            'outages.*' => 'array:unit,name,from,to',
            'outages.*.unit' => 'required|string|in_array:units.*.id',
            'outages.*.name' => 'nullable|string|max:120',
            'outages.*.from' => ['required', Checks::wall()],
            'outages.*.to' => ['required', 'after:outages.*.from', Checks::wall()],
        ];
    }

    public function sentences(): array
    {
        return [
            'name.required' => 'What are they called, all together?', 'location.*' => 'Choose one of the locations, or all of them.',
            'units.*.name.required' => 'Each unit has a name.', 'units.*.name.distinct' => 'Two units have the same name.', 'units.*.id.*' => 'This unit is not one of this pool.',
            'outages.*.unit.*' => 'Which unit is out of order?', 'outages.*.to.after' => 'It ends after it begins.', 'outages.*.from.required' => 'When does it begin?', 'outages.*.to.required' => 'When does it end?',
        ];
    }

    public function shaped(array $given): array
    {
        $outages = array_map(static fn (array $outage): array => ['unit' => Id::of($outage['unit']), 'name' => trim($outage['name'] ?? ''), 'from' => $outage['from'], 'to' => $outage['to']], $given['outages']);
        usort($outages, self::order(...));

        return [
            'name' => trim($given['name']), 'location' => $given['location'],
            'units' => array_map(static fn (array $unit): array => ['id' => Id::of($unit['id']), 'name' => trim($unit['name'])], $given['units']),
            'outages' => $outages,
        ];
    }

    public function content(Model $row): array
    {
        assert($row instanceof Pool);
        $units = Unit::query()->where('business_id', $row->business_id)->where('pool_id', $row->id)->orderBy('position')->orderBy('id')->get();
        $outages = Outage::query()->where('business_id', $row->business_id)->whereIn('unit_id', $units->pluck('id'))->get()
            ->map(static fn (Outage $outage): array => ['unit' => $outage->unit_id, 'name' => $outage->name, 'from' => $outage->from->format('Y-m-d\TH:i'), 'to' => $outage->to->format('Y-m-d\TH:i')])->all();
        usort($outages, self::order(...));

        return [
            'name' => $row->name, 'location' => $row->location_id,
            'units' => $units->map(static fn (Unit $unit): array => ['id' => $unit->id, 'name' => $unit->name])->values()->all(),
            'outages' => $outages,
        ];
    }

    /**
     * @param  array<string, string>  $a an outage
     * @param  array<string, string>  $b
     */
    private static function order(array $a, array $b): int
    {
        return [$a['from'], $a['unit'], $a['to'], $a['name']] <=> [$b['from'], $b['unit'], $b['to'], $b['name']];
    }

    protected function columns(array $content): array
    {
        return ['name' => $content['name'], 'location_id' => $content['location']];
    }

    public function write(Business $business, string $id, ?array $content): void
    {
        parent::write($business, $id, $content);
        $known = Unit::query()->where('business_id', $business->id)->where('pool_id', $id)->pluck('id')->all();
        Outage::query()->where('business_id', $business->id)->whereIn('unit_id', $known)->delete();
        $units = array_column($content['units'] ?? [], 'id');
        Unit::query()->where('business_id', $business->id)->where('pool_id', $id)->whereNotIn('id', $units)->delete();
        foreach ($content['units'] ?? [] as $position => $unit) {
            Unit::query()->updateOrCreate(['business_id' => $business->id, 'id' => $unit['id']], ['pool_id' => $id, 'name' => $unit['name'], 'position' => $position]);
        }
        foreach ($content['outages'] ?? [] as $outage) {
            Outage::query()->create(['business_id' => $business->id, 'id' => Id::make(), 'unit_id' => $outage['unit'], 'name' => $outage['name'], 'from' => $outage['from'], 'to' => $outage['to']]);
        }
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        $needed = $this->db->table('service_pool')->where('business_id', $business->id)->where('pool_id', $id)->exists();
        if ($content === null && $needed) {
            return 'Services need this pool. Take it off them first.';
        }
        $gone = Unit::query()->where('business_id', $business->id)->where('pool_id', $id)->whereNotIn('id', array_column($content['units'] ?? [], 'id'))->get();
        foreach ($gone as $unit) {
            if (Booking::query()->where('business_id', $business->id)->whereJsonContains('units', $unit->id)->exists()) {
                return "\"{$unit->name}\" is booked, so it stays. Say from when it is out of order instead.";
            }
        }

        return null;
    }

    public function book(RuleBook $book, string $id, ?array $content): RuleBook
    {
        if ($content === null) {
            return $book->with(pools: Lists::put($book->pools, $id, null));
        }
        $outages = [];
        foreach ($content['outages'] as $outage) {
            $outages[$outage['unit']][] = WallSpan::between(Wall::dateTime($outage['from']), Wall::dateTime($outage['to']), $book->zone);
        }

        return $book->with(pools: Lists::put($book->pools, $id, new Wheels($id, $content['location'], array_column($content['units'], 'id'), $outages, $content['name'])));
    }
}
