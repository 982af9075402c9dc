<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Business;
use YardBell\Core\Availability\RuleBook;

/**
 * One kind of thing that is set up: how it is read, checked and written, and what it means to the rules. Its content is
 * what the API carries, an array that JSON can hold; the same content always comes out in the same order of keys.
 */
interface Thing
{
    /** @return array<string, mixed> what a content must be like; $id is null for a new thing */
    public function rules(Business $business, ?string $id): array;

    /** @return array<string, string> what is said where it is not */
    public function sentences(): array;

    /**
     * What has passed the rules, in the order and with the defaults of read().
     *
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    public function shaped(array $given): array;

    /** @return array<string, mixed>|null null: there is none */
    public function read(Business $business, string $id): ?array;

    /** @param  array<string, mixed>|null  $content null: it goes */
    public function write(Business $business, string $id, ?array $content): void;

    /**
     * Why it may not become this: a sentence; null if it may. What no rule of a single field can tell.
     *
     * @param  array<string, mixed>|null  $content
     */
    public function objection(Business $business, string $id, ?array $content): ?string;

    /** @param  array<string, mixed>  $content */
    public function name(array $content): string;

    /**
     * The rule book with this content in place of what it has; the same one where time is not touched.
     *
     * @param  array<string, mixed>|null  $content
     */
    public function book(RuleBook $book, string $id, ?array $content): RuleBook;
}
