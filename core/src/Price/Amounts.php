<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use Brick\Math\BigDecimal;
use Brick\Math\BigInteger;
use Brick\Math\RoundingMode;

use function array_sum;

/** Whole amounts of the minor unit: made by exact arithmetic, refused where they are larger than any price. */
final class Amounts
{
    /** So that the sum of all lines of a quote is still a whole number of the machine. */
    private const LARGEST = 10_000_000_000_000_000;

    /** @throws InvalidPrice */
    public static function times(int $amount, int ...$factors): int
    {
        $product = BigInteger::of($amount);
        foreach ($factors as $factor) {
            $product = $product->multipliedBy($factor);
        }

        return self::whole($product);
    }

    /**
     * Rounded once, half up (rules.md P).
     *
     * @throws InvalidPrice
     */
    public static function rounded(BigDecimal $exact): int
    {
        return self::whole($exact->toScale(0, RoundingMode::HALF_UP)->toBigInteger());
    }

    /**
     * What each after the first costs: an amount for the second, for the third, …; everyone after the last as much as
     * the last (rules.md P2, P11).
     *
     * @param  list<int>  $amounts
     */
    public static function more(array $amounts, int $party): int
    {
        $more = $party - 1;
        $listed = array_slice($amounts, 0, $more);
        $last = $amounts === [] ? 0 : $amounts[count($amounts) - 1];

        return self::whole(
            BigInteger::of($last)
                ->multipliedBy($more - count($listed))
                ->plus(array_sum($listed)),
        );
    }

    private static function whole(BigInteger $amount): int
    {
        return $amount->isGreaterThan(self::LARGEST) ? throw InvalidPrice::tooLarge() : $amount->toInt();
    }
}
