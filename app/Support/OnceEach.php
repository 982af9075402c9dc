<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Support\Arr;

/** Of texts in a list none stands there twice, capitals or not. What is no text is said by another check. */
final class OnceEach implements DataAwareRule, ValidationRule
{
    /** @var array<mixed> */
    private array $data = [];

    /**
     * @param  string  $list "choices"
     * @param  string  $of the field of each that is compared; empty: each is a text
     */
    public function __construct(private readonly string $list,
        private readonly string $sentence,
        private readonly string $of = '', )
    {
    }

    /** @param  array<mixed>  $data */
    public function setData(array $data): static
    {
        $this->data = $data;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $all = Arr::get($this->data, $this->list);
        $texts = array_map(
            fn (mixed $one): mixed => $this->of !== '' && is_array($one) ? $one[$this->of] ?? null : $one,
            is_array($all) ? $all : [],
        );
        $same = array_filter(
            $texts,
            static fn (mixed $text): bool => is_string($text) &&
                is_string($value) &&
                mb_strtolower($text) === mb_strtolower($value),
        );
        if (count($same) > 1) {
            $fail($this->sentence);
        }
    }
}
