<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Business;
use YardBell\Core\Availability\RuleBook;

/**
 * One kind of thing that is set up: how it is read and written, and what it means to the rules.
 *
 * @template C of Content
 */
interface Thing
{
    /** @return class-string<C> */
    public function contents(): string;

    /** @return C|null null: there is none */
    public function read(Business $business, string $id): ?Content;

    /** @param  C|null  $content null: it goes */
    public function write(Business $business, string $id, ?Content $content): void;

    /**
     * Why it may not become this: a sentence; null if it may. What no rule of a single field can tell.
     *
     * @param  C|null  $content
     */
    public function objection(Business $business, string $id, ?Content $content): ?string;

    /**
     * The rule book with this content in place of what it has; the same one where time is not touched.
     *
     * @param  C|null  $content
     */
    public function book(RuleBook $book, string $id, ?Content $content): RuleBook;
}
