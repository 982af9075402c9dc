<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Business;
use App\Support\Given;
use BackedEnum;

/**
 * What a thing that is set up consists of: read at the door, written by its thing, kept in the history. A part of a
 * content is a content of its own.
 */
abstract readonly class Content
{
    /** Of what has passed rules(), or was kept before. */
    abstract public static function from(Given $given): static;

    /**
     * What it must be like, field by field.
     *
     * @param  string|null  $id null: of a new thing
     * @return array<string, mixed>
     */
    public static function rules(Business $business, ?string $id): array
    {
        return [];
    }

    /** @return array<string, string> what is said where it is not */
    public static function sentences(): array
    {
        return [];
    }

    /** What the history calls it. */
    public function name(): string
    {
        return '';
    }

    /**
     * @return array<string, mixed> as the API carries it; the same content always comes out in the same order of keys
     */
    public function toArray(): array
    {
        return array_map(self::plain(...), get_object_vars($this));
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof self => $value->toArray(),
            $value instanceof BackedEnum => $value->value,
            is_array($value) => array_map(self::plain(...), $value),
            default => $value,
        };
    }
}
