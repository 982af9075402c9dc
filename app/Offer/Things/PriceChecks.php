<?php

declare(strict_types=1);

namespace App\Offer\Things;

use App\Models\Business;
use App\Roster\Checks;
use Closure;
use YardBell\Core\Price\InvalidPrice;
use YardBell\Core\Price\Percent;

/** What a service's price, payment and cancellation terms must be like, and how they are kept. */
final readonly class PriceChecks
{
    private const LARGEST = 100_000_000;

    public const SENTENCES = [
        'pricing.kind.*' => 'Choose how the price is said.',
        'pricing.amount.*' => 'The price is an amount of 0 or more.',
        'pricing.byMinutes.*.amount.*' => 'How much is it for this length?',
        'pricing.byMinutes.*' => 'Every length has a price.',
        'pricing.perStep.*' => 'What does one step cost? An amount of 0 or more.',
        'pricing.byStaff.*.amount.*' => 'How much is it with this person? An amount of 0 or more.',
        'pricing.byStaff.*' => 'This person does not work here, or stands here twice.',
        'pricing.extraPeople.*' => 'What does each more person cost? Amounts of 0 or more.',
        'payment.kind.*' => 'Choose when it is paid.',
        'payment.amount.*' => 'A deposit is an amount above 0, or a part of the price.',
        'cancellation.freeMinutes.*' => 'Cancelling is free until 0 minutes to a year before the start.',
        'cancellation.amount.*' => 'Cancelling late costs an amount of 0 or more, or a part of the price.',
    ];

    /** @return array<string, mixed> */
    public static function rules(Business $business): array
    {
        $amount = 'integer|min:0|max:'.self::LARGEST;

        return [
            'pricing' => 'required|array:kind,amount,byMinutes,perStep,byStaff,perPerson,extraPeople',
            'pricing.kind' => 'required|in:fixed,free,from,on_request',
            'pricing.amount' => "required|{$amount}",
            'pricing.byMinutes' => ['present', 'array', 'list', 'max:12'],
            'pricing.byMinutes.*' => 'array:minutes,amount',
            'pricing.byMinutes.*.minutes' => 'required|integer|distinct|min:1|max:10080',
            'pricing.byMinutes.*.amount' => "required|{$amount}",
            'pricing.perStep' => "present|nullable|{$amount}",
            'pricing.byStaff' => 'present|array|list|max:200',
            'pricing.byStaff.*' => 'array:staff,amount',
            'pricing.byStaff.*.staff' => ['required', 'distinct', ...Checks::of($business, 'staff')],
            'pricing.byStaff.*.amount' => "required|{$amount}",
            'pricing.perPerson' => 'required|boolean',
            'pricing.extraPeople' => 'present|array|list|max:12',
            'pricing.extraPeople.*' => $amount,
            'payment' => ['required', 'array:kind,amount,percent'],
            'payment.kind' => 'required|in:none,optional,deposit,full,card_hold',
            'payment.amount' => 'present|nullable|integer|min:1|max:'.self::LARGEST,
            'payment.percent' => ['present', 'nullable', self::percent()],
            'cancellation' => ['present', 'nullable', 'array:freeMinutes,amount,percent'],
            'cancellation.freeMinutes' => 'required_with:cancellation|integer|min:0|max:525600',
            'cancellation.amount' => "nullable|{$amount}",
            'cancellation.percent' => ['nullable', self::percent()],
        ];
    }

    /**
     * What the fields say together: a sentence by field.
     *
     * @param  array<string, mixed>  $given whose single fields are right
     * @return array<string, string>
     */
    public static function together(array $given): array
    {
        $wrong = [];
        $kind = $given['pricing']['kind'];
        if ($kind === 'fixed' && $given['kind'] === 'appointment') {
            $unpriced = array_diff(count($given['choices']) > 1 && $given['range'] === null ? $given['choices'] : [], array_column($given['pricing']['byMinutes'], 'minutes'));
            if ($unpriced !== []) {
                $wrong['pricing.byMinutes'] = 'How much is it for '.implode(' and for ', $unpriced).' minutes?';
            }
            if ($given['range'] !== null && $given['pricing']['perStep'] === null) {
                $wrong['pricing.perStep'] = self::SENTENCES['pricing.perStep.*'];
            }
        }
        if ($given['pricing']['perPerson'] && $given['pricing']['extraPeople'] !== []) {
            $wrong['pricing.extraPeople'] = 'More people cost either the same each, or amounts of their own, not both.';
        }
        if ($given['payment']['kind'] === 'deposit' && ($given['payment']['amount'] === null) === ($given['payment']['percent'] === null)) {
            $wrong['payment.amount'] = self::SENTENCES['payment.amount.*'];
        }
        if ($given['cancellation'] !== null && (($given['cancellation']['amount'] ?? null) === null) === (($given['cancellation']['percent'] ?? null) === null)) {
            $wrong['cancellation.amount'] = self::SENTENCES['cancellation.amount.*'];
        }
        if ($given['approval'] && ! in_array(self::payment($given)['kind'], ['none', 'card_hold'], true)) {
            $wrong['approval'] = 'What waits for your yes cannot be paid when booking. Let clients pay when they come, or keep a card.';
        }

        return $wrong;
    }

    /**
     * @param  array<string, mixed>  $given what has passed
     * @return array<string, mixed> only what goes with the kind of price and of length
     */
    public static function pricing(array $given): array
    {
        $pricing = $given['pricing'];
        $fixed = $pricing['kind'] === 'fixed';
        $one = $given['kind'] === 'session' || ($given['range'] === null && count($given['choices']) < 2);
        $choices = $fixed && ! $one && $given['range'] === null ? array_map(intval(...), $given['choices']) : [];
        $amounts = array_column($pricing['byMinutes'], 'amount', 'minutes');

        return [
            'kind' => $pricing['kind'],
            'amount' => ($fixed && $one) || $pricing['kind'] === 'from' ? (int) $pricing['amount'] : 0,
            'byMinutes' => array_map(static fn (int $minutes): array => ['minutes' => $minutes, 'amount' => (int) $amounts[$minutes]], $choices),
            'perStep' => $fixed && ! $one && $given['range'] !== null ? (int) $pricing['perStep'] : null,
            'byStaff' => self::byStaff($pricing['byStaff'], $given['staff']),
            'perPerson' => (bool) $pricing['perPerson'],
            'extraPeople' => array_map(intval(...), $pricing['extraPeople']),
        ];
    }

    /**
     * Those who do it: what somebody else costs is forgotten.
     *
     * @param  list<array{staff: string, amount: int|string}>  $amounts
     * @param  list<string>  $staff
     * @return list<array{staff: string, amount: int}>
     */
    public static function byStaff(array $amounts, array $staff): array
    {
        $kept = array_filter($amounts, static fn (array $one): bool => in_array($one['staff'], $staff, true));

        return array_values(array_map(static fn (array $one): array => ['staff' => $one['staff'], 'amount' => (int) $one['amount']], $kept));
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array{kind: string, amount: int|null, percent: string|null}
     */
    public static function payment(array $given): array
    {
        $later = in_array($given['pricing']['kind'], ['from', 'on_request'], true) && $given['pricing']['byStaff'] === [];
        $deposit = $given['payment']['kind'] === 'deposit' && ! $later;

        return [
            'kind' => $later && $given['payment']['kind'] !== 'card_hold' ? 'none' : $given['payment']['kind'],
            'amount' => $deposit && $given['payment']['percent'] === null ? (int) $given['payment']['amount'] : null,
            'percent' => $deposit && $given['payment']['percent'] !== null ? Percent::of((string) $given['payment']['percent'])->written() : null,
        ];
    }

    /**
     * @param  array<string, mixed>|null  $given
     * @return array{freeMinutes: int, amount: int|null, percent: string|null}|null
     */
    public static function cancellation(?array $given): ?array
    {
        $percent = $given['percent'] ?? null;

        return $given === null ? null : [
            'freeMinutes' => (int) $given['freeMinutes'],
            'amount' => $percent === null ? (int) $given['amount'] : null,
            'percent' => $percent === null ? null : Percent::of((string) $percent)->written(),
        ];
    }

    private static function percent(): Closure
    {
        return static function (string $attribute, mixed $value, Closure $fail): void {
            try {
                $percent = Percent::of(is_string($value) || is_int($value) ? (string) $value : '');
                if ($percent->part(100) > 100 || $percent->written() === '0') {
                    $fail('A part is above 0 and at most 100 percent.');
                }
            } catch (InvalidPrice) {
                $fail('A part is a number of percent, like 20 or 12.5.');
            }
        };
    }
}
