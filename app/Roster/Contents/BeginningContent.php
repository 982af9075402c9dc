<?php

declare(strict_types=1);

namespace App\Roster\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Support\Given;
use App\Support\WeeklyTable;

/**
 * What a business begins with: its first facts, services and people.
 *
 * @phpstan-import-type Week from WeeklyTable
 */
final readonly class BeginningContent extends Content
{
    /**
     * @param  Week  $hours
     * @param  list<array{name: string, minutes: int, price: int}>  $services price in the minor unit
     * @param  list<string>  $people beside the owner
     */
    public function __construct(
        public string $name,
        public string $slug,
        public string $timeZone,
        public string $currency,
        public string $address,
        public array $hours,
        public array $services,
        public array $people,
    ) {
    }

    public static function from(Given $given): static
    {
        $service = static fn (Given $one): array => [
            'name' => $one->text('name'),
            'minutes' => $one->int('minutes'),
            'price' => $one->int('price'),
        ];

        return new self(
            name: $given->text('name'),
            slug: $given->string('slug'),
            timeZone: $given->string('timeZone'),
            currency: $given->string('currency'),
            address: $given->text('address'),
            hours: WeeklyTable::of($given, 'hours') ?? [],
            services: array_map($service, $given->each('services')),
            people: array_map(trim(...), $given->strings('people')),
        );
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            ...FactsContent::first(null),
            'address' => 'nullable|string|max:300',
            'hours' => ['present', 'array', new WeeklyTable()],
            'services' => 'present|array|list|max:20',
            'services.*.name' => 'required|string|max:120',
            'services.*.minutes' => 'required|integer|min:1|max:1440',
            'services.*.price' => 'required|integer|min:0|max:100000000',
            'people' => 'present|array|list|max:60',
            'people.*' => 'required|string|max:120',
        ];
    }

    public static function sentences(): array
    {
        return FactsContent::sentences() + [
            'services.*.name.required' => 'wrong.beginning.service_name',
            'services.*.minutes.*' => 'wrong.beginning.minutes',
            'services.*.price.*' => 'wrong.beginning.price',
            'people.*.required' => 'wrong.beginning.person_name',
        ];
    }
}
