<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Models\Id;
use App\Models\Outage;
use App\Models\Pool;
use App\Models\Unit;
use App\Support\Checks;
use App\Support\Given;
use App\Support\Later;
use App\Support\OnceEach;
use YardBell\Core\Availability\Pool as Wheels;
use YardBell\Core\Time\Zone;

final readonly class PoolContent extends Content
{
    /**
     * @param  string|null  $location null: everywhere
     * @param  list<UnitContent>  $units in the order they are taken
     * @param  list<OutageContent>  $outages in order of time
     */
    public function __construct(
        public string $name,
        public ?string $location,
        public array $units,
        public array $outages,
    ) {
    }

    public static function from(Given $given): static
    {
        return new self(
            $given->text('name'),
            $given->stringIf('location'),
            array_map(UnitContent::from(...), $given->each('units')),
            OutageContent::sorted(array_map(OutageContent::from(...), $given->each('outages'))),
        );
    }

    /**
     * @param  iterable<Unit>  $units
     * @param  iterable<Outage>  $outages
     */
    public static function of(Pool $row, iterable $units, iterable $outages): self
    {
        return new self(
            $row->name,
            $row->location_id,
            array_map(UnitContent::of(...), array_values([...$units])),
            OutageContent::sorted(array_map(OutageContent::of(...), [...$outages])),
        );
    }

    public static function rules(Business $business, ?string $id): array
    {
        $own = 'unique:units,id'.($id === null ? '' : ",{$id},pool_id");

        return [
            'name' => 'required|string|max:120',
            'location' => ['present', 'nullable', ...Checks::of($business, 'locations')],
            'units' => 'present|array|list|max:200',
            'units.*' => 'array:id,name',
            'units.*.id' => ['required', 'string', 'distinct', 'regex:'.Id::ULID, $own],
            'units.*.name' => [
                'required',
                'string',
                'max:120',
                new OnceEach('units', 'wrong.pool.unit_name_twice', 'name'),
            ],
            'outages' => 'present|array|list|max:400',
            'outages.*' => 'array:unit,name,from,to',
            'outages.*.unit' => 'required|string|in_array:units.*.id',
            'outages.*.name' => 'nullable|string|max:120',
            'outages.*.from' => ['required', Checks::wall()],
            'outages.*.to' => ['required', Checks::wall(), new Later('from', 'wrong.pool.end_before_begin')],
        ];
    }

    public static function sentences(): array
    {
        return [
            'name.required' => 'wrong.pool.name_required',
            'location.*' => 'wrong.pool.location',
            'units.*.name.required' => 'wrong.pool.unit_name_required',
            'units.*.id.*' => 'wrong.pool.outage_unit',
            'outages.*.unit.*' => 'wrong.pool.outage_unit_required',
            'outages.*.from.required' => 'wrong.pool.begin_required',
            'outages.*.to.required' => 'wrong.pool.end_required',
        ];
    }

    public function name(): string
    {
        return $this->name;
    }

    /** @return list<string> ids */
    public function units(): array
    {
        return array_map(static fn (UnitContent $unit): string => $unit->id, $this->units);
    }

    public function toCore(string $id, Zone $zone): Wheels
    {
        $outages = [];
        foreach ($this->outages as $outage) {
            $outages[$outage->unit][] = $outage->toCore($zone);
        }

        return new Wheels(
            id: $id,
            location: $this->location,
            units: $this->units(),
            outages: $outages,
            name: $this->name,
        );
    }
}
