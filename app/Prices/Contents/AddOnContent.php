<?php

declare(strict_types=1);

namespace App\Prices\Contents;

use App\Changes\Content;
use App\Models\AddOn;
use App\Models\Business;
use App\Support\Checks;
use App\Support\Given;

final readonly class AddOnContent extends Content
{
    /**
     * @param  int  $price minor unit
     * @param  list<string>|null  $services ids; null: all of them
     * @param  list<string>  $taxRates ids
     */
    public function __construct(
        public string $name,
        public int $price,
        public int $minutes,
        public bool $perPerson,
        public ?string $picture,
        public ?array $services,
        public array $taxRates,
    ) {
    }

    public static function from(Given $given): static
    {
        return new self(
            name: $given->text('name'),
            price: $given->int('price'),
            minutes: $given->int('minutes'),
            perPerson: $given->bool('perPerson'),
            picture: $given->stringIf('picture'),
            services: $given->stringsIf('services'),
            taxRates: $given->strings('taxRates'),
        );
    }

    public static function of(AddOn $row): self
    {
        return new self(
            name: $row->name,
            price: $row->price,
            minutes: $row->minutes,
            perPerson: $row->per_person,
            picture: $row->picture,
            services: $row->services,
            taxRates: $row->tax_rates,
        );
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'name' => 'required|string|max:120',
            'price' => 'required|integer|min:0|max:100000000',
            'minutes' => 'required|integer|min:0|max:1440',
            'perPerson' => 'required|boolean',
            'picture' => Checks::picture($business),
            'services' => 'present|nullable|array|list|min:1|max:300',
            'services.*' => ['distinct', ...Checks::of($business, 'services')],
            'taxRates' => 'present|array|list|max:10',
            'taxRates.*' => ['distinct', ...Checks::of($business, 'tax_rates')],
        ];
    }

    public static function sentences(): array
    {
        return [
            'name.required' => 'wrong.add_on.name_required',
            'price.*' => 'wrong.add_on.price',
            'minutes.*' => 'wrong.add_on.minutes',
            'services.*' => 'wrong.add_on.services',
            'taxRates.*' => 'wrong.price.tax_rate',
            'services.min' => 'wrong.add_on.services_empty',
        ];
    }

    public function name(): string
    {
        return $this->name;
    }
}
