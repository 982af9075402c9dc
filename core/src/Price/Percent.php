<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

/** An exact percentage of at most 4 decimal places, 0 or more: "7.5", "20". */
final readonly class Percent
{
    private const PLACES = 4;

    /** @param  int  $tenThousandths of a percent: 75,000 for 7.5 % */
    private function __construct(private int $tenThousandths)
    {
    }

    /** @throws InvalidPrice if it is not written like "7.5" */
    public static function of(string $written): self
    {
        if (preg_match('/^(\d{1,6})(?:\.(\d{1,4}))?\z/', $written, $parts) !== 1) {
            throw InvalidPrice::percent($written);
        }

        return new self((int) ($parts[1].str_pad($parts[2] ?? '', self::PLACES, '0')));
    }

    /** As it is written, without zeros at its end. */
    public function written(): string
    {
        $digits = str_pad((string) $this->tenThousandths, self::PLACES + 1, '0', STR_PAD_LEFT);

        return rtrim(rtrim(substr($digits, 0, -self::PLACES).'.'.substr($digits, -self::PLACES), '0'), '.');
    }

    /** Of an amount in the minor unit, rounded once, half up. */
    public function part(int $amount): int
    {
        $whole = 100 * 10 ** self::PLACES;

        return intdiv(2 * $amount * $this->tenThousandths + $whole, 2 * $whole);
    }
}
