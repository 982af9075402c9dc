<?php

declare(strict_types=1);

namespace App\Offer\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Models\Category;
use App\Support\Checks;
use App\Support\Given;

final readonly class CategoryContent extends Content
{
    public function __construct(public string $name, public string $description, public ?string $picture)
    {
    }

    public static function from(Given $given): static
    {
        return new self($given->text('name'), $given->text('description'), $given->stringIf('picture'));
    }

    public static function of(Category $row): self
    {
        return new self($row->name, $row->description, $row->picture);
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'name' => 'required|string|max:120',
            'description' => 'nullable|string|max:500',
            'picture' => Checks::picture($business),
        ];
    }

    public static function sentences(): array
    {
        return ['name.required' => 'wrong.category.name_required'];
    }

    public function name(): string
    {
        return $this->name;
    }
}
