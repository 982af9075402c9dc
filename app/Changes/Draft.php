<?php

declare(strict_types=1);

namespace App\Changes;

/**
 * What somebody wants a thing to become.
 *
 * @template C of Content
 */
final readonly class Draft
{
    /**
     * @param  string  $id of the thing; a new one has its own already
     * @param  C|null  $content null: it goes
     * @param  string|null  $version of the content they saw; null: none was there
     * @param  Thing<C>  $thing
     * @param  bool  $isNew whether it may be made, where there is none
     */
    public function __construct(
        public string $kind,
        public string $id,
        public ?Content $content,
        public ?string $version,
        public Thing $thing,
        public bool $isNew,
    ) {
    }
}
