<?php

declare(strict_types=1);

namespace App\Prices\Things;

use App\Changes\Content;
use App\Changes\Thing;
use App\Models\Business;
use App\Prices\Contents\TaxesContent;
use YardBell\Core\Availability\RuleBook;

/**
 * Whether prices include tax (rules.md P8): one for the business.
 *
 * @implements Thing<TaxesContent>
 */
final readonly class TaxesThing implements Thing
{
    public function contents(): string
    {
        return TaxesContent::class;
    }

    public function read(Business $business, string $id): ?TaxesContent
    {
        return $id === 'business' ? new TaxesContent($business->prices_include_tax) : null;
    }

    public function write(Business $business, string $id, ?Content $content): void
    {
        $business->update(['prices_include_tax' => $content->included ?? true]);
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        return $content === null ? 'wrong.tax.included' : null;
    }

    public function book(RuleBook $book, string $id, ?Content $content): RuleBook
    {
        return $book;
    }
}
