<?php

declare(strict_types=1);

namespace App\Offer\Things;

use App\Changes\Content;
use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\Category;
use App\Models\Service;
use App\Offer\Contents\CategoryContent;
use Illuminate\Database\Eloquent\Model;

/**
 * A heading under which services stand.
 *
 * @extends ModelThing<CategoryContent, Category>
 */
final readonly class CategoryThing extends ModelThing
{
    public function contents(): string
    {
        return CategoryContent::class;
    }

    protected function model(): string
    {
        return Category::class;
    }

    public function content(Model $row): CategoryContent
    {
        return CategoryContent::of($row);
    }

    protected function columns(Content $content): array
    {
        return $content->toArray();
    }

    public function objection(Business $business, string $id, ?Content $content): ?string
    {
        return $content === null &&
            Service::query()->where('business_id', $business->id)->where('category_id', $id)->exists()
            ? 'wrong.category.in_use'
            : null;
    }
}
