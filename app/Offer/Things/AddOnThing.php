<?php

declare(strict_types=1);

namespace App\Offer\Things;

use App\Changes\ModelThing;
use App\Models\AddOn;
use App\Models\Business;
use App\Roster\Checks;
use Illuminate\Database\Eloquent\Model;

/** Something that can be had with a service: it costs, and it may lengthen the appointment (rules.md P3). */
final readonly class AddOnThing extends ModelThing
{
    protected function model(): string
    {
        return AddOn::class;
    }

    public function rules(Business $business, ?string $id): array
    {
        return [
            'name' => 'required|string|max:120',
            'price' => 'required|integer|min:0|max:100000000',
            'minutes' => 'required|integer|min:0|max:1440',
            'perPerson' => 'required|boolean',
            'picture' => Checks::picture($business),
            'services' => 'present|nullable|array|list|min:1|max:300',
            'services.*' => ['distinct', ...Checks::of($business, 'services')],
        ];
    }

    public function sentences(): array
    {
        return parent::sentences() + ['price.*' => 'The price is an amount of 0 or more.', 'minutes.*' => 'It adds 0 to 1440 minutes.', 'services.*' => 'Choose services, or all of them.', 'services.min' => 'No service is chosen. Choose some, or all of them.'];
    }

    public function shaped(array $given): array
    {
        return ['name' => trim($given['name']), 'price' => (int) $given['price'], 'minutes' => (int) $given['minutes'], 'perPerson' => (bool) $given['perPerson'], 'picture' => $given['picture'] ?? null, 'services' => $given['services']];
    }

    public function content(Model $row): array
    {
        assert($row instanceof AddOn);

        return ['name' => $row->name, 'price' => $row->price, 'minutes' => $row->minutes, 'perPerson' => $row->per_person, 'picture' => $row->picture, 'services' => $row->services];
    }

    protected function columns(array $content): array
    {
        return ['name' => $content['name'], 'price' => $content['price'], 'minutes' => $content['minutes'], 'per_person' => $content['perPerson'], 'picture' => $content['picture'], 'services' => $content['services']];
    }
}
