<?php

declare(strict_types=1);

namespace App\Prices\Things;

use App\Changes\Content;
use App\Changes\ModelThing;
use App\Models\AddOn;
use App\Models\Business;
use App\Models\Service;
use App\Models\TaxRate;
use App\Prices\Contents\TaxRateContent;
use Illuminate\Database\Eloquent\Model;

/**
 * A rate of a tax that services and add-ons name (rules.md P8).
 *
 * @extends ModelThing<TaxRateContent, TaxRate>
 */
final readonly class TaxRateThing extends ModelThing
{
    public function contents(): string
    {
        return TaxRateContent::class;
    }

    protected function model(): string
    {
        return TaxRate::class;
    }

    public function content(Model $row): TaxRateContent
    {
        return TaxRateContent::of($row);
    }

    protected function columns(Content $content): array
    {
        return $content->toArray();
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        $isNamed = Service::query()
            ->where('business_id', $business->id)
            ->whereJsonContains('pricing->taxRates', $id)
            ->exists() ||
            AddOn::query()->where('business_id', $business->id)->whereJsonContains('tax_rates', $id)->exists();

        return $content === null && $isNamed ? 'wrong.tax.in_use' : null;
    }
}
