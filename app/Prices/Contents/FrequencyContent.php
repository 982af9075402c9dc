<?php

declare(strict_types=1);

namespace App\Prices\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Support\Given;
use Closure;
use YardBell\Core\Price\Frequency;
use YardBell\Core\Price\FrequencyLevel;
use YardBell\Core\Price\Period;

/** What whoever comes often in a day, a week or a month pays (rules.md P5), and whether the visits before do (L7). */
final readonly class FrequencyContent extends Content
{
    /** @param  list<array{from: int, amount: int, staffAmount: int|null}>  $levels in the order of `from` */
    public function __construct(public string $period, public array $levels, public bool $earlier)
    {
    }

    /**
     * @param  Given  $pricing that a service has; before there were several, it had one rule or none
     * @return list<self>
     */
    public static function of(Given $pricing): array
    {
        $one = $pricing->under('frequency');
        $rules = $one->has('period') ? [$one] : $pricing->each('frequency');

        return array_map(
            self::from(...),
            array_values(array_filter($rules, static fn (Given $rule): bool => $rule->each('levels') !== [])),
        );
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

        return new self($given->string('period'), $levels, $given->bool('earlier'));
    }

    public static function rules(Business $business, ?string $id): array
    {
        return [
            'pricing.frequency' => 'present|array|list|max:3',
            'pricing.frequency.*' => 'array:period,levels,earlier',
            'pricing.frequency.*.period' => 'required|distinct|in:day,week,month',
            'pricing.frequency.*.earlier' => 'required|boolean',
            'pricing.frequency.*.levels' => ['required', 'array', 'list', 'min:1', 'max:6', self::eachOnce(...)],
            'pricing.frequency.*.levels.*' => 'array:from,amount,staffAmount',
            'pricing.frequency.*.levels.*.from' => 'required|integer|min:2|max:1000',
            'pricing.frequency.*.levels.*.amount' => 'required|'.Amounts::RULE,
            'pricing.frequency.*.levels.*.staffAmount' => 'present|nullable|'.Amounts::RULE,
        ];
    }

    public static function sentences(): array
    {
        return [
            'pricing.frequency.*.period.*' => 'wrong.price.frequency_period',
            'pricing.frequency.*.levels.*.from.*' => 'wrong.price.frequency_from',
            'pricing.frequency.*.levels.*.amount.*' => 'wrong.price.amount',
            'pricing.frequency.*.levels.*.staffAmount.*' => 'wrong.price.amount',
            'pricing.frequency.*.levels.*' => 'wrong.price.frequency_from',
        ];
    }

    /** No visit is named twice by the levels of a rule. */
    private static function eachOnce(string $field, mixed $levels, Closure $fail): void
    {
        $from = array_map(
            static fn (Given $level): int => $level->int('from'),
            Given::in(['levels' => $levels])->each('levels'),
        );
        if (count($from) !== count(array_unique($from))) {
            $fail('wrong.price.frequency_from');
        }
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
            $this->earlier,
        );
    }
}
