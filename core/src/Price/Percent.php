<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

use function preg_match;
use function rtrim;
use function str_contains;

/** An exact percentage of at most 4 decimal places, 0 or more: "7.5", "20". */
final readonly class Percent
{
    private function __construct(private BigDecimal $value)
    {
    }

    /** @throws InvalidPrice if it is not written like "7.5" */
    public static function of(string $written): self
    {
        return preg_match('/^\d{1,6}(?:\.\d{1,4})?\z/', $written) === 1
            ? new self(BigDecimal::of($written))
            : throw InvalidPrice::percent($written);
    }

    /** As it is written, without zeros at its end. */
    public function written(): string
    {
        $digits = (string) $this->value;

        return str_contains($digits, '.') ? rtrim(rtrim($digits, '0'), '.') : $digits;
    }

    /** Of an amount in the minor unit, rounded once, half up. */
    public function part(int $amount): int
    {
        return Amounts::rounded($this->exact($amount));
    }

    /** The same, not rounded yet. */
    public function exact(int $amount): BigDecimal
    {
        return $this->value->multipliedBy($amount)->withPointMovedLeft(2);
    }

    /** @param  list<self>  $all that an amount includes, this one among them (rules.md P8) */
    public function included(int $amount, array $all): int
    {
        $whole = BigDecimal::of(100);
        foreach ($all as $one) {
            $whole = $whole->plus($one->value);
        }

        return Amounts::rounded($this->value->multipliedBy($amount)->dividedBy($whole, 0, RoundingMode::HALF_UP));
    }
}
