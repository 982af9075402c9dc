<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Lengths;
use YardBell\Core\Price\Frequency;
use YardBell\Core\Price\FrequencyLevel;
use YardBell\Core\Price\InvalidPrice;
use YardBell\Core\Price\Period;
use YardBell\Core\Price\PriceKind;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Pricing;

use function array_column;
use function array_diff;
use function array_filter;
use function array_keys;
use function count;
use function implode;
use function is_array;
use function preg_match;

/** Reads a service's own price (rules.md P1, P2, P5). */
final readonly class PricingReader
{
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

    /** @param  array<string, true>  $staff ids */
    public function __construct(private array $staff, private PriceList $list)
    {
    }

    public function pricing(Node $service, ?Lengths $lengths): Pricing
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
        $extraPeople = AmountReader::amounts($node, 'extraPeople');
        if ($perPerson && $extraPeople !== []) {
            $node->refuse('extraPeople', InvalidPrice::twoWaysForPeople()->getMessage());
            $extraPeople = [];
        }

        return new Pricing(
            kind: $kind,
            amount: AmountReader::amountOrNull($node, 'amount'),
            byMinutes: $byMinutes,
            perStep: AmountReader::amountOrNull($node, 'perStep'),
            byStaff: AmountReader::table($node, 'byStaff', $this->staff, 'staff member'),
            perPerson: $perPerson,
            extraPeople: $extraPeople,
            extraPeopleStaff: AmountReader::amounts($node, 'extraPeopleStaff'),
            frequencies: $this->frequencies($node),
            excludeSurcharges: $node->ids('excludeSurcharges', $this->list->surcharges, 'surcharge'),
            taxRates: $node->ids('taxRates', $this->list->taxes->rates, 'tax rate'),
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
        foreach (AmountReader::table($pricing, 'byMinutes') as $minutes => $amount) {
            if (preg_match('/^[1-9]\d{0,8}\z/', (string) $minutes) !== 1) {
                $pricing->refuse('byMinutes', "a length is a whole number of minutes, but got \"{$minutes}\".");

                continue;
            }
            $amounts[(int) $minutes] = $amount;
        }

        return $amounts;
    }

    /** @return list<Frequency> one object is a list of one */
    private function frequencies(Node $pricing): array
    {
        $keys = ['period', 'levels', 'earlier'];
        $isList = is_array($pricing->raw('frequency'));
        $rules = [];
        foreach ($isList ? $pricing->nodes('frequency', $keys) : [$pricing->node('frequency', $keys)] as $node) {
            if ($node === null) {
                continue;
            }
            $rule = $this->frequency($node);
            if (isset($rules[$rule->period->value])) {
                $node->refuse('period', "another rule counts in a {$rule->period->value} already.");
            }
            $rules[$rule->period->value] = $rule;
        }

        return array_values($rules);
    }

    private function frequency(Node $node): Frequency
    {
        foreach (['period', 'levels'] as $key) {
            if (! $node->has($key)) {
                $node->refuse($key, 'it is missing.');
            }
        }
        $levels = [];
        foreach ($node->nodes('levels', ['from', 'amount', 'staffAmount']) as $level) {
            $from = $level->number('from', 1, 1_000_000);
            if (isset($levels[$from])) {
                $level->refuse('from', "another level begins from {$from} visits already.");
            }
            $levels[$from] = new FrequencyLevel(
                $from,
                AmountReader::amount($level, 'amount'),
                AmountReader::amountOrNull($level, 'staffAmount'),
            );
        }

        return new Frequency(
            Period::from($node->choice('period', array_column(Period::cases(), 'value'), 'week')),
            array_values($levels),
            $node->flag('earlier', false),
        );
    }
}
