<?php

declare(strict_types=1);

namespace App\Prices;

use App\Models\AddOn;
use App\Models\Business;
use App\Models\Client;
use App\Models\Member;
use App\Models\Service;
use App\Models\Surcharge;
use App\Models\TaxRate;
use App\Prices\Contents\StaffPayContent;
use App\Prices\Contents\SurchargeContent;
use App\Prices\Contents\TaxRateContent;
use App\Support\Given;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Collection;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Surcharge as CoreSurcharge;
use YardBell\Core\Price\Tariff;
use YardBell\Core\Price\Taxes;
use YardBell\Core\Price\TaxRate as CoreTaxRate;

/** All that decides what a business charges: as it is set up today, or as it was when somebody booked. */
final readonly class PriceSettings
{
    /** The columns that prices ask for, by kind of row. */
    private const COLUMNS = [
        'services' => ['id', 'name', 'kind', 'minutes', 'lengths', 'pricing', 'payment_terms', 'staff_pay'],
        'addOns' => ['id', 'name', 'price', 'minutes', 'per_person', 'tax_rates', 'services'],
        'taxRates' => ['id', 'name', 'percent'],
        'surcharges' => [
            'id', 'name', 'when', 'hours', 'weekdays', 'dates', 'amount', 'percent', 'staff_amount', 'staff_percent',
        ],
        'members' => ['id', 'rates'],
        'clients' => ['id', 'rates'],
    ];

    private const MODELS = [
        'services' => Service::class,
        'addOns' => AddOn::class,
        'taxRates' => TaxRate::class,
        'surcharges' => Surcharge::class,
        'members' => Member::class,
        'clients' => Client::class,
    ];

    /** @param  array<string, Collection<int, Model>>  $rows by kind, in the business's order */
    private function __construct(private bool $includesTax, private array $rows)
    {
    }

    public static function today(Business $business): self
    {
        $rows = [];
        foreach (self::MODELS as $kind => $model) {
            $query = $model::query()->where('business_id', $business->id);
            $query = match ($kind) {
                'members' => $query->orderBy('id'),
                'clients' => $query->where('rates', '<>', '[]')->orderBy('id'), // of those who have any
                default => $query->orderBy('position')->orderBy('id'),
            };
            $rows[$kind] = $query->get(self::COLUMNS[$kind])->toBase();
        }

        return new self($business->prices_include_tax, $rows);
    }

    /** @param  array<string, mixed>  $kept what toArray() gave */
    public static function kept(array $kept): self
    {
        $given = Given::in($kept);
        $rows = [];
        foreach (self::MODELS as $kind => $model) {
            $rows[$kind] = new Collection(array_map(
                static fn (Given $row): Model => (new $model())->forceFill($row->all()),
                $given->each($kind),
            ));
        }

        return new self($given->bool('includesTax'), $rows);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $kept = ['includesTax' => $this->includesTax];
        foreach ($this->rows as $kind => $rows) {
            $columns = self::COLUMNS[$kind];
            $kept[$kind] = $rows->map(static fn (Model $row): array => $row->only($columns))->values()->all();
        }

        return $kept;
    }

    public function tariff(string $service): ?Tariff
    {
        return $this->tariffs()[$service] ?? null;
    }

    /** @return array<string, Tariff> by service */
    public function tariffs(): array
    {
        $addOns = new Collection($this->of('addOns', AddOn::class));
        $tariffs = [];
        foreach ($this->of('services', Service::class) as $row) {
            $tariffs[$row->id] = Tariffs::with($row, $addOns);
        }

        return $tariffs;
    }

    public function list(): PriceList
    {
        return new PriceList(
            new Taxes($this->includesTax, $this->taxRates()),
            $this->surcharges(),
            staffRates: $this->staffRates(),
            clientRates: $this->clientRates(),
        );
    }

    /**
     * What is lacking here, as something else has it: an add-on, a tax rate, a member that came later.
     *
     * @return array{Tariff|null, PriceList}
     */
    public function or(self $today, string $service): array
    {
        [$tariff, $list] = [$this->tariff($service), $this->list()];
        [$newTariff, $new] = [$today->tariff($service), $today->list()];
        $known = $this->members();
        $later = array_filter(
            $new->staffRates,
            static fn (string $member): bool => ! in_array($member, $known, true),
            ARRAY_FILTER_USE_KEY,
        );

        return [
            $tariff === null ? $newTariff : new Tariff(
                service: $tariff->service,
                name: $tariff->name,
                lengths: $tariff->lengths,
                pricing: $tariff->pricing,
                addOns: $tariff->addOns + ($newTariff->addOns ?? []),
                payment: $tariff->payment,
                staffPay: $tariff->staffPay,
            ),
            new PriceList(
                new Taxes($list->taxes->included, $list->taxes->rates + $new->taxes->rates),
                $list->surcharges,
                staffRates: $list->staffRates + $later,
                clientRates: $list->clientRates,
            ),
        ];
    }

    /** @return list<string> ids */
    private function members(): array
    {
        return array_map(static fn (Member $member): string => $member->id, $this->of('members', Member::class));
    }

    /**
     * @template M of Model
     *
     * @param  class-string<M>  $model
     * @return list<M>
     */
    private function of(string $kind, string $model): array
    {
        return array_values(array_filter(
            $this->rows[$kind]->all(),
            static fn (Model $row): bool => $row instanceof $model,
        ));
    }

    /** @return array<string, CoreTaxRate> by id */
    private function taxRates(): array
    {
        $rates = [];
        foreach ($this->of('taxRates', TaxRate::class) as $row) {
            $rates[$row->id] = TaxRateContent::of($row)->toCore($row->id);
        }

        return $rates;
    }

    /** @return array<string, CoreSurcharge> by id */
    private function surcharges(): array
    {
        $surcharges = [];
        foreach ($this->of('surcharges', Surcharge::class) as $row) {
            $surcharges[$row->id] = SurchargeContent::of($row)->toCore($row->id);
        }

        return $surcharges;
    }

    /** @return array<string, array<string, int>> by client and service, of those who have any */
    private function clientRates(): array
    {
        $rates = [];
        foreach ($this->of('clients', Client::class) as $client) {
            $rates[$client->id] = array_column($client->rates, 'amount', 'service');
        }

        return $rates;
    }

    /** @return array<string, array<string, int|Percent>> by member and service */
    private function staffRates(): array
    {
        $rates = [];
        foreach ($this->of('members', Member::class) as $member) {
            foreach ($member->rates as $rate) {
                $rates[$member->id][$rate['service']] = StaffPayContent::from(Given::in($rate))->toCore();
            }
        }

        return $rates;
    }
}
