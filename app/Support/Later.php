<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Arr;

/**
 * A date, or a date and time, after another field's, both in their written form. What is none is said by the check of
 * its own field.
 */
final class Later implements DataAwareRule, ValidationRule
{
    /** @var array<mixed> */
    private array $data = [];

    /** @param  string  $than a field beside it */
    public function __construct(
        private readonly string $than,
        private readonly string $sentence,
        private readonly bool $orSame = false,
    ) {
    }

    /** @param  array<mixed>  $data */
    public function setData(array $data): static
    {
        $this->data = $data;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $dot = strrpos($attribute, '.');
        $than = Arr::get($this->data, ($dot === false ? '' : substr($attribute, 0, $dot + 1)).$this->than);
        if (is_string($value) && is_string($than) && ! ($value > $than || ($this->orSame && $value === $than))) {
            $fail($this->sentence);
        }
    }
}
