<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use stdClass;
use YardBell\Core\Price\InvalidPrice;
use YardBell\Core\Price\Percent;

use function array_keys;
use function array_map;
use function get_object_vars;
use function is_int;
use function is_string;

/** Reads amounts of the minor unit and percentages (rules.md, part 3). */
final class AmountReader
{
    /** Largest amount in the minor unit. */
    public const LARGEST = 1_000_000_000_000;

    public static function amount(Node $node, string $key): int
    {
        return $node->number($key, 0, self::LARGEST);
    }

    public static function amountOrNull(Node $node, string $key): ?int
    {
        return $node->numberOrNull($key, 0, self::LARGEST);
    }

    public static function percent(Node $node, string $key): Percent
    {
        $value = $node->raw($key);
        if ($value === null) {
            $node->refuse($key, 'it is missing.');

            return Percent::of('0');
        }
        try {
            return Percent::of(is_int($value) ? (string) $value : (is_string($value) ? $value : '?'));
        } catch (InvalidPrice $wrong) {
            $node->refuse($key, $wrong->getMessage());

            return Percent::of('0');
        }
    }

    /** An amount or a percentage, one of them. */
    public static function either(Node $node, string $amount = 'amount', string $percent = 'percent'): int|Percent
    {
        if ($node->has($amount) === $node->has($percent)) {
            $node->refuse($amount, "either \"{$amount}\" or \"{$percent}\" is needed, one of them.");

            return 0;
        }

        return self::eitherOrNull($node, $amount, $percent) ?? 0;
    }

    /** The same, or neither. */
    public static function eitherOrNull(Node $node, string $amount, string $percent): int|Percent|null
    {
        if ($node->has($amount) && $node->has($percent)) {
            $node->refuse($percent, "\"{$amount}\" stands already; it is one of them.");
        }

        return $node->has($percent) ? self::percent($node, $percent) : self::amountOrNull($node, $amount);
    }

    /** @return list<int> */
    public static function amounts(Node $node, string $key): array
    {
        $amounts = [];
        foreach ($node->items($key) as $i => $amount) {
            if (is_int($amount) && $amount >= 0 && $amount <= self::LARGEST) {
                $amounts[] = $amount;
            } else {
                $node->problems->add(
                    "{$node->at($key)}/{$i}",
                    'an amount is a whole number of the minor unit, 0 or more.',
                );
            }
        }

        return $amounts;
    }

    /**
     * An object that names things.
     *
     * @param  array<array-key, mixed>|null  $known ids; null: any name
     * @return array{Node, list<string>}|null the object and its names; null where it is left out
     */
    public static function named(Node $node, string $key, ?array $known = null, string $what = ''): ?array
    {
        $value = $node->raw($key);
        if (! ($value instanceof stdClass)) {
            $node->node($key, []); // says what is wrong with it

            return null;
        }
        $names = array_map(strval(...), array_keys(get_object_vars($value)));
        $table = new Node($value, $node->at($key), $node->problems, $names);
        foreach ($known === null ? [] : $names as $name) {
            if (! isset($known[$name])) {
                $table->refuse($name, "there is no {$what} \"{$name}\".");
            }
        }

        return [$table, $names];
    }

    /**
     * Amounts by name.
     *
     * @param  array<array-key, mixed>|null  $known ids; null: any name
     * @return array<string, int>
     */
    public static function table(Node $node, string $key, ?array $known = null, string $what = ''): array
    {
        [$table, $names] = self::named($node, $key, $known, $what) ?? [$node, []];
        $amounts = [];
        foreach ($names as $name) {
            if ($table->has($name)) {
                $amounts[$name] = self::amount($table, $name);
            }
        }

        return $amounts;
    }
}
