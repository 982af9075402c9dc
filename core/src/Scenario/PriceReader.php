<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use stdClass;
use YardBell\Core\Availability\Lengths;
use YardBell\Core\Price\AddOn;
use YardBell\Core\Price\InvalidPrice;
use YardBell\Core\Price\PaymentKind;
use YardBell\Core\Price\PaymentTerms;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\PriceKind;
use YardBell\Core\Price\Pricing;
use YardBell\Core\Price\Tariff;

use function array_column;
use function array_diff;
use function array_keys;
use function ctype_digit;
use function get_object_vars;
use function implode;
use function is_int;
use function is_string;

/** Reads what a service costs (rules.md P1 to P3, P9). */
final readonly class PriceReader
{
    /** Largest amount in the minor unit. */
    public const LARGEST = 1_000_000_000_000;

    private const PRICING = [
        'kind',
        'amount',
        'byMinutes',
        'perStep',
        'byStaff',
        'perPerson',
        'extraPeople',
        'extraPeopleStaff',
        'frequency',
        'excludeSurcharges',
        'taxRates',
    ];

    private const ADD_ON = ['id', 'name', 'amount', 'minutes', 'perPerson', 'taxRates'];

    /** @param  array<string, true>  $staff ids */
    public function __construct(private array $staff)
    {
    }

    public function tariff(Node $service, string $name, ?Lengths $lengths): Tariff
    {
        return new Tariff(
            $name,
            $lengths,
            $this->pricing($service, $lengths),
            $this->addOns($service),
            $this->payment($service),
        );
    }

    private function pricing(Node $service, ?Lengths $lengths): Pricing
    {
        $node = $service->node('pricing', self::PRICING);
        if ($node === null) {
            return Pricing::free();
        }
        if (! $node->has('kind')) {
            $node->refuse('kind', 'it is missing.');
        }
        $kind = PriceKind::from($node->choice('kind', array_column(PriceKind::cases(), 'value'), 'free'));
        $byMinutes = $this->byMinutes($node);
        if ($kind === PriceKind::Fixed) {
            $this->matchLengths($node, $lengths, $byMinutes);
        }
        $perPerson = $node->flag('perPerson', false);
        $extraPeople = $this->amounts($node, 'extraPeople');
        if ($perPerson && $extraPeople !== []) {
            $node->refuse('extraPeople', InvalidPrice::twoWaysForPeople()->getMessage());
            $extraPeople = [];
        }

        return new Pricing(
            $kind,
            self::amountOrNull($node, 'amount'),
            $byMinutes,
            self::amountOrNull($node, 'perStep'),
            $this->byStaff($node),
            $perPerson,
            $extraPeople,
        );
    }

    /**
     * P1: a plain amount is for one length, a list has an amount for each, steps have one for each step.
     *
     * @param  array<int, int>  $byMinutes
     */
    private function matchLengths(Node $node, ?Lengths $lengths, array $byMinutes): void
    {
        $ways = match (true) {
            $lengths === null || count($lengths->choices) === 1 => ['amount', 'byMinutes'],
            $lengths->choices === [] => ['perStep'],
            default => ['byMinutes'],
        };
        foreach (array_diff(['amount', 'perStep', 'byMinutes'], $ways) as $way) {
            if ($node->has($way)) {
                $node->refuse(
                    $way,
                    'a plain amount is for one length, "byMinutes" for a list of lengths, "perStep" for a length of '
                        .'the client\'s own.',
                );
            }
        }
        if (array_filter($ways, $node->has(...)) === []) {
            $node->refuse($ways[0], 'it is missing.');
        }
        $unpriced = $byMinutes === [] ? [] : array_diff($lengths->choices ?? [], array_keys($byMinutes));
        if ($unpriced !== []) {
            $node->refuse('byMinutes', 'it lacks an amount for '.implode(', ', $unpriced).' minutes.');
        }
    }

    /** @return array<int, int> */
    private function byMinutes(Node $pricing): array
    {
        $amounts = [];
        foreach ($this->table($pricing, 'byMinutes') as $minutes => $amount) {
            if (! ctype_digit((string) $minutes)) {
                $pricing->refuse('byMinutes', "a length is a whole number of minutes, but got \"{$minutes}\".");

                continue;
            }
            $amounts[(int) $minutes] = $amount;
        }

        return $amounts;
    }

    /** @return array<string, int> */
    private function byStaff(Node $pricing): array
    {
        $amounts = [];
        foreach ($this->table($pricing, 'byStaff') as $member => $amount) {
            if (! isset($this->staff[$member])) {
                $pricing->refuse('byStaff', "there is no staff member \"{$member}\".");
            }
            $amounts[(string) $member] = $amount;
        }

        return $amounts;
    }

    /** @return array<array-key, int> */
    private function table(Node $pricing, string $key): array
    {
        $value = $pricing->raw($key);
        if (! ($value instanceof stdClass)) {
            $pricing->node($key, []); // says what is wrong with it

            return [];
        }
        $keys = array_map(strval(...), array_keys(get_object_vars($value)));
        $node = new Node($value, $pricing->at($key), $pricing->problems, $keys);
        $amounts = [];
        foreach ($keys as $name) {
            $amounts[$name] = self::amount($node, $name);
        }

        return $amounts;
    }

    /** @return list<int> */
    private function amounts(Node $pricing, string $key): array
    {
        $amounts = [];
        foreach ($pricing->items($key) as $i => $amount) {
            if (is_int($amount) && $amount >= 0 && $amount <= self::LARGEST) {
                $amounts[] = $amount;
            } else {
                $pricing->problems->add(
                    "{$pricing->at($key)}/{$i}",
                    'an amount is a whole number of the minor unit, 0 or more.',
                );
            }
        }

        return $amounts;
    }

    /** @return array<string, AddOn> */
    private function addOns(Node $service): array
    {
        $addOns = [];
        foreach ($service->nodes('addOns', self::ADD_ON) as $node) {
            $id = Reader::newId($node, $addOns);
            $addOns[$id] = new AddOn(
                $id,
                $node->text('name', $id),
                self::amount($node, 'amount'),
                $node->number('minutes', 0, ServiceReader::LONGEST, 0),
                $node->flag('perPerson', false),
            );
        }

        return $addOns;
    }

    private function payment(Node $service): PaymentTerms
    {
        $node = $service->node('payment', ['kind', 'amount', 'percent']);
        if ($node === null) {
            return new PaymentTerms();
        }
        $kind = PaymentKind::from($node->choice('kind', array_column(PaymentKind::cases(), 'value'), 'none'));
        if ($kind === PaymentKind::Deposit && $node->has('amount') === $node->has('percent')) {
            $node->refuse('amount', 'a deposit is an "amount" or a "percent", one of them.');
        }

        return new PaymentTerms(
            $kind,
            $node->has('percent') ? self::percent($node, 'percent') : self::amountOrNull($node, 'amount'),
        );
    }

    private static function percent(Node $node, string $key): Percent
    {
        $value = $node->raw($key);
        try {
            return Percent::of(is_int($value) ? (string) $value : (is_string($value) ? $value : '?'));
        } catch (InvalidPrice $wrong) {
            $node->refuse($key, $wrong->getMessage());

            return Percent::of('0');
        }
    }

    private static function amount(Node $node, string $key): int
    {
        return $node->number($key, 0, self::LARGEST);
    }

    private static function amountOrNull(Node $node, string $key): ?int
    {
        return $node->numberOrNull($key, 0, self::LARGEST);
    }
}
