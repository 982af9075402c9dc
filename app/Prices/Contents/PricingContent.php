<?php

declare(strict_types=1);

namespace App\Prices\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Support\Checks;
use App\Support\Given;
use YardBell\Core\Price\Frequency;
use YardBell\Core\Price\PriceKind;
use YardBell\Core\Price\Pricing;

/** How a service's price is made (rules.md P1, P2); amounts in the minor unit. */
final readonly class PricingContent extends Content
{
    /**
     * @param  list<array{minutes: int, amount: int}>  $byMinutes for lengths to choose from
     * @param  int|null  $perStep for a length of the client's own
     * @param  list<array{staff: string, amount: int}>  $byStaff
     * @param  list<int>  $extraPeople
     * @param  list<int>  $extraPeopleStaff what who takes it gets for them
     * @param  list<FrequencyContent>  $frequency of different periods
     * @param  list<string>  $excludeSurcharges ids
     * @param  list<string>  $taxRates ids
     */
    public function __construct(
        public string $kind,
        public int $amount,
        public array $byMinutes,
        public ?int $perStep,
        public array $byStaff,
        public bool $perPerson,
        public array $extraPeople,
        public array $extraPeopleStaff = [],
        public array $frequency = [],
        public array $excludeSurcharges = [],
        public array $taxRates = [],
    ) {
    }

    public static function from(Given $given): static
    {
        $byMinutes = static fn (Given $one): array => [
            'minutes' => $one->int('minutes'),
            'amount' => $one->int('amount'),
        ];
        $byStaff = static fn (Given $one): array => ['staff' => $one->string('staff'), 'amount' => $one->int('amount')];

        return new self(
            kind: $given->string('kind'),
            amount: $given->int('amount'),
            byMinutes: array_map($byMinutes, $given->each('byMinutes')),
            perStep: $given->intIf('perStep'),
            byStaff: array_map($byStaff, $given->each('byStaff')),
            perPerson: $given->bool('perPerson'),
            extraPeople: $given->ints('extraPeople'),
            extraPeopleStaff: $given->ints('extraPeopleStaff'),
            frequency: FrequencyContent::of($given),
            excludeSurcharges: $given->strings('excludeSurcharges'),
            taxRates: $given->strings('taxRates'),
        );
    }

    /**
     * As it is kept: only what goes with the kind of price and of length, and with those who do it.
     *
     * @param  list<int>  $choices lengths to choose from; none: one length
     * @param  list<string>  $staff
     */
    public function fitting(array $choices, bool $isOwnLength, array $staff): self
    {
        $isFixed = $this->kind === 'fixed';
        $amounts = array_column($this->byMinutes, 'amount', 'minutes');
        $hasAmount = $this->kind === 'from' || ($isFixed && $choices === [] && ! $isOwnLength);

        return new self(
            kind: $this->kind,
            amount: $hasAmount ? $this->amount : 0,
            byMinutes: array_map(
                static fn (int $minutes): array => ['minutes' => $minutes, 'amount' => $amounts[$minutes] ?? 0],
                $isFixed ? $choices : [],
            ),
            perStep: $isFixed && $isOwnLength ? $this->perStep : null,
            byStaff: $this->of($staff)->byStaff,
            perPerson: $this->perPerson,
            extraPeople: $this->extraPeople,
            extraPeopleStaff: $this->extraPeopleStaff,
            frequency: $this->frequency,
            excludeSurcharges: $this->excludeSurcharges,
            taxRates: $this->taxRates,
        );
    }

    /**
     * Of those who do it: what somebody else costs is forgotten.
     *
     * @param  list<string>  $staff
     */
    public function of(array $staff): self
    {
        $kept = array_filter($this->byStaff, static fn (array $one): bool => in_array($one['staff'], $staff, true));

        return new self(
            kind: $this->kind,
            amount: $this->amount,
            byMinutes: $this->byMinutes,
            perStep: $this->perStep,
            byStaff: array_values($kept),
            perPerson: $this->perPerson,
            extraPeople: $this->extraPeople,
            extraPeopleStaff: $this->extraPeopleStaff,
            frequency: $this->frequency,
            excludeSurcharges: $this->excludeSurcharges,
            taxRates: $this->taxRates,
        );
    }

    public function isSaidLater(): bool
    {
        return in_array($this->kind, ['from', 'on_request'], true) && $this->byStaff === [];
    }

    public static function rules(Business $business, ?string $id): array
    {
        $amount = Amounts::RULE;

        return [
            'pricing' => 'required|array:kind,amount,byMinutes,perStep,byStaff,perPerson,extraPeople,extraPeopleStaff,'
                .'frequency,excludeSurcharges,taxRates',
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
            'pricing.extraPeopleStaff' => 'present|array|list|max:12',
            'pricing.extraPeopleStaff.*' => $amount,
            ...FrequencyContent::rules($business, $id),
            'pricing.excludeSurcharges' => 'present|array|list|max:50',
            'pricing.excludeSurcharges.*' => ['distinct', ...Checks::of($business, 'surcharges')],
            'pricing.taxRates' => 'present|array|list|max:10',
            'pricing.taxRates.*' => ['distinct', ...Checks::of($business, 'tax_rates')],
        ];
    }

    public static function sentences(): array
    {
        return [
            'pricing.kind.*' => 'wrong.price.kind',
            'pricing.amount.*' => 'wrong.price.amount_required',
            'pricing.byMinutes.*.amount.*' => 'wrong.price.of_length',
            'pricing.byMinutes.*' => 'wrong.price.of_every_length',
            'pricing.perStep.*' => 'wrong.price.per_step',
            'pricing.byStaff.*.amount.*' => 'wrong.price.of_person',
            'pricing.byStaff.*' => 'wrong.price.person',
            'pricing.extraPeople.*' => 'wrong.price.of_more_people',
            'pricing.extraPeopleStaff.*' => 'wrong.price.of_more_people',
            'pricing.excludeSurcharges.*' => 'wrong.price.surcharge',
            'pricing.taxRates.*' => 'wrong.price.tax_rate',
        ] + FrequencyContent::sentences();
    }

    public function toCore(): Pricing
    {
        $hasAmount =
            ! in_array($this->kind, ['free', 'on_request'], true) && $this->byMinutes === [] && $this->perStep === null;

        return new Pricing(
            kind: PriceKind::from($this->kind),
            amount: $hasAmount ? $this->amount : null,
            byMinutes: array_column($this->byMinutes, 'amount', 'minutes'),
            perStep: $this->perStep,
            byStaff: array_column($this->byStaff, 'amount', 'staff'),
            perPerson: $this->perPerson,
            extraPeople: $this->extraPeople,
            extraPeopleStaff: $this->extraPeopleStaff,
            frequencies: array_map(static fn (FrequencyContent $rule): Frequency => $rule->toCore(), $this->frequency),
            excludeSurcharges: $this->excludeSurcharges,
            taxRates: $this->taxRates,
        );
    }
}
