<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

use function intdiv;
use function max;
use function preg_match;
use function rtrim;
use function str_contains;

/** An exact percentage of at most 4 decimal places, 0 or more: "7.5", "20". */
final readonly class Percent
{
    /** Of a whole, in the smallest parts that can be written. */
    private const WHOLE = 1_000_000;

    private int $parts;

    private function __construct(private BigDecimal $value)
    {
        $this->parts = $value->withPointMovedRight(4)->toInt();
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
        return $this->outOf(self::WHOLE, $amount) ?? Amounts::rounded($this->exact($amount));
    }

    /** The same, not rounded yet. */
    public function exact(int $amount): BigDecimal
    {
        return $this->value->multipliedBy($amount)->withPointMovedLeft(2);
    }

    /** @param  list<self>  $all that an amount includes, this one among them (rules.md P8) */
    public function included(int $amount, array $all): int
    {
        $whole = self::WHOLE;
        foreach ($all as $one) {
            $whole += $one->parts;
        }

        return $this->outOf($whole, $amount) ??
            Amounts::rounded(
                BigDecimal::of($amount)->multipliedBy($this->parts)->dividedBy($whole, 0, RoundingMode::HALF_UP),
            );
    }

    /** Exact and rounded once, half up; null where the machine's whole numbers are too small for it. */
    private function outOf(int $whole, int $amount): ?int
    {
        $most = intdiv(PHP_INT_MAX - $whole, 2 * max(1, $this->parts));

        return $amount < 0 || $amount > $most ? null : intdiv(2 * $amount * $this->parts + $whole, 2 * $whole);
    }
}
