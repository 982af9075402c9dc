<?php

declare(strict_types=1);

namespace App\Ledger\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Support\Given;
use YardBell\Core\Price\Frequency;
use YardBell\Core\Price\FrequencyLevel;
use YardBell\Core\Price\Period;

/** What whoever comes often pays (rules.md P5): from so many visits in a day, a week or a month. */
final readonly class FrequencyContent extends Content
{
    /** @param  list<array{from: int, amount: int, staffAmount: int|null}>  $levels in the order of `from` */
    public function __construct(public string $period, public array $levels)
    {
    }

    public static function from(Given $given): static
    {
        $levels = array_map(
            static fn (Given $level): array => [
                'from' => $level->int('from'),
                'amount' => $level->int('amount'),
                'staffAmount' => $level->intIf('staffAmount'),
            ],
            $given->each('levels'),
        );
        usort($levels, static fn (array $a, array $b): int => $a['from'] <=> $b['from']);

        return new self($given->string('period'), $levels);
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'pricing.frequency' => 'present|nullable|array:period,levels',
            'pricing.frequency.period' => 'required_with:pricing.frequency|in:day,week,month',
            'pricing.frequency.levels' => 'required_with:pricing.frequency|array|list|max:6',
            'pricing.frequency.levels.*' => 'array:from,amount,staffAmount',
            'pricing.frequency.levels.*.from' => 'required|integer|distinct|min:2|max:1000',
            'pricing.frequency.levels.*.amount' => 'required|'.Amounts::RULE,
            'pricing.frequency.levels.*.staffAmount' => 'present|nullable|'.Amounts::RULE,
        ];
    }

    public static function sentences(): array
    {
        return [
            'pricing.frequency.levels.*.from.*' => 'wrong.price.from_which_visit',
            'pricing.frequency.levels.*.amount.*' => 'wrong.price.price_amount_0',
            'pricing.frequency.levels.*.staffAmount.*' => 'wrong.price.price_amount_0',
            'pricing.frequency.levels.required_with' => 'wrong.price.from_which_visit',
        ];
    }

    public function toCore(): Frequency
    {
        return new Frequency(
            Period::from($this->period),
            array_map(
                static fn (array $level): FrequencyLevel => new FrequencyLevel(
                    $level['from'],
                    $level['amount'],
                    $level['staffAmount'],
                ),
                $this->levels,
            ),
        );
    }
}
