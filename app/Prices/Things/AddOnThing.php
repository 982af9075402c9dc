<?php

declare(strict_types=1);

namespace App\Prices\Things;

use App\Changes\Content;
use App\Changes\ModelThing;
use App\Models\AddOn;
use App\Prices\Contents\AddOnContent;
use Illuminate\Database\Eloquent\Model;

/**
 * Something that can be had with a service: it costs, and it may lengthen the appointment (rules.md P3).
 *
 * @extends ModelThing<AddOnContent, AddOn>
 */
final readonly class AddOnThing extends ModelThing
{
    public function contents(): string
    {
        return AddOnContent::class;
    }

    protected function model(): string
    {
        return AddOn::class;
    }

    public function content(Model $row): AddOnContent
    {
        return AddOnContent::of($row);
    }

    protected function columns(Content $content): array
    {
        return [
            'name' => $content->name,
            'price' => $content->price,
            'minutes' => $content->minutes,
            'per_person' => $content->perPerson,
            'picture' => $content->picture,
            'services' => $content->services,
            'tax_rates' => $content->taxRates,
        ];
    }
}
