<?php

declare(strict_types=1);

namespace App\Changes;

/** What somebody wants a thing to become. */
final readonly class Draft
{
    /**
     * @param  string  $id of the thing; a new one has its own already
     * @param  array<string, mixed>|null  $content null: it goes
     * @param  string|null  $version of the content they saw; null: none was there
     * @param  bool  $isNew whether it may be made, where there is none
     */
    public function __construct(
        public string $kind,
        public string $id,
        public ?array $content,
        public ?string $version,
        public Thing $thing,
        public bool $isNew,
    ) {
    }
}
