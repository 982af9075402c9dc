<?php

declare(strict_types=1);

namespace App\Offer\Contents;

use App\Changes\Content;
use App\Support\Given;

/** A length of the client's own: minutes from the shortest to the longest, in steps. */
final readonly class RangeContent extends Content
{
    public function __construct(public int $min, public int $max, public int $step)
    {
    }

    public static function from(Given $given): static
    {
        return new self($given->int('min'), $given->int('max'), $given->int('step'));
    }

    public function isWhole(): bool
    {
        return $this->step >= 1 && $this->max >= $this->min && ($this->max - $this->min) % $this->step === 0;
    }
}
