<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use Brick\Math\BigInteger;

use function array_fill;
use function array_keys;
use function count;
use function usort;

/** Shares an amount out in proportion, to the last unit (rules.md P8): largest remainder, ties to the earlier. */
final class Spread
{
    /**
     * @param  list<int>  $weights
     * @return list<int> that add up to the amount; nothing where nothing weighs
     */
    public static function of(int $amount, array $weights): array
    {
        $whole = BigInteger::zero();
        foreach ($weights as $weight) {
            $whole = $whole->plus($weight);
        }
        if ($amount === 0 || $whole->isZero()) {
            return array_fill(0, count($weights), 0);
        }
        [$shares, $remainders, $left] = [[], [], $amount];
        foreach ($weights as $weight) {
            [$share, $remainder] = BigInteger::of($amount)->multipliedBy($weight)->quotientAndRemainder($whole);
            $shares[] = $share->toInt();
            $remainders[] = $remainder;
            $left -= $share->toInt();
        }
        $order = array_keys($shares);
        usort($order, static fn (int $a, int $b): int => $remainders[$b]->compareTo($remainders[$a]) ?: $a <=> $b);
        foreach (array_slice($order, 0, $left) as $at) {
            $shares[$at]++;
        }

        return array_values($shares);
    }
}
