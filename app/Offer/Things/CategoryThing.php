<?php

declare(strict_types=1);

namespace App\Offer\Things;

use App\Changes\ModelThing;
use App\Models\Business;
use App\Models\Category;
use App\Models\Service;
use App\Roster\Checks;
use Illuminate\Database\Eloquent\Model;

/** A heading under which services stand. */
final readonly class CategoryThing extends ModelThing
{
    protected function model(): string
    {
        return Category::class;
    }

    public function rules(Business $business, ?string $id): array
    {
        return ['name' => 'required|string|max:120', 'description' => 'nullable|string|max:500', 'picture' => Checks::picture($business)];
    }

    public function shaped(array $given): array
    {
        return ['name' => trim($given['name']), 'description' => trim($given['description'] ?? ''), 'picture' => $given['picture'] ?? null];
    }

    public function content(Model $row): array
    {
        assert($row instanceof Category);

        return ['name' => $row->name, 'description' => $row->description, 'picture' => $row->picture];
    }

    protected function columns(array $content): array
    {
        return $content;
    }

    public function objection(Business $business, string $id, ?array $content): ?string
    {
        return $content === null && Service::query()->where('business_id', $business->id)->where('category_id', $id)->exists()
            ? 'Services stand under this heading. Move them first.'
            : null;
    }
}
