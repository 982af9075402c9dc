<?php

declare(strict_types=1);

namespace App\Offer\Contents;

use App\Changes\Content;
use App\Support\Given;
use YardBell\Core\Availability\Need;

/** Units of a pool that an appointment takes (rules.md T9). */
final readonly class NeedContent extends Content
{
    public function __construct(
        public string $pool,
        public int $units,
        public bool $perPerson,
        public bool $holdsBuffers,
    ) {
    }

    public static function from(Given $given): static
    {
        return new self(
            $given->string('pool'),
            $given->int('units'),
            $given->bool('perPerson'),
            $given->bool('holdsBuffers'),
        );
    }

    public function toCore(): Need
    {
        return new Need($this->pool, $this->units, $this->perPerson, $this->holdsBuffers);
    }
}
