<?php

declare(strict_types=1);

namespace App\Offer\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Models\Service;
use App\Prices\Contents\CancellationContent;
use App\Prices\Contents\PaymentContent;
use App\Prices\Contents\PricingContent;
use App\Prices\Contents\StaffPayContent;
use App\Support\Given;
use App\Support\WeeklyTable;
use YardBell\Core\Availability\Assignment;
use YardBell\Core\Availability\Lengths;
use YardBell\Core\Availability\Service as Rules;
use YardBell\Core\Time\Hours;
use YardBell\Core\Time\Wall;

/**
 * A service as it is set up: what it is, how long, who and where, when, what it costs.
 *
 * @phpstan-import-type Week from WeeklyTable
 */
final readonly class ServiceContent extends Content
{
    /**
     * @param  list<int>  $choices minutes to choose from; empty: one length, or a range
     * @param  list<string>  $staff ids, in the order they are taken
     * @param  list<string>  $locations ids
     * @param  list<NeedContent>  $resources
     * @param  Week|null  $hours null: whenever people work
     * @param  list<string>  $dayparts ids
     * @param  string|null  $availableFrom date
     * @param  string|null  $availableUntil date
     */
    public function __construct(
        public string $name,
        public ?string $category,
        public string $description,
        public ?string $picture,
        public string $staffNote,
        public string $bring,
        public string $head,
        public string $heads,
        public string $kind,
        public int $minutes,
        public array $choices,
        public ?RangeContent $range,
        public int $setup,
        public int $clearup,
        public array $staff,
        public string $assignment,
        public array $locations,
        public array $resources,
        public int $startEvery,
        public string $startFrom,
        public int $noticeMinutes,
        public int $bookAheadDays,
        public ?array $hours,
        public array $dayparts,
        public ?string $availableFrom,
        public ?string $availableUntil,
        public ?int $maxPerDay,
        public int $places,
        public ?int $maxParty,
        public PricingContent $pricing,
        public PaymentContent $payment,
        public ?CancellationContent $cancellation,
        public ?StaffPayContent $staffPay,
        public ?string $colour,
        public ?string $pattern,
        public bool $approval,
        public string $visibility,
        public bool $active,
    ) {
    }

    public static function from(Given $given): static
    {
        $range = $given->underIf('range');
        $choices = $range === null ? $given->ints('choices') : [];
        $choices = count($choices) < 2 ? [] : $choices;
        $isSession = $given->string('kind') === 'session';
        $staff = $given->strings('staff');
        $pricing = PricingContent::from($given->under('pricing'))->fitting(
            $isSession ? [] : $choices,
            $range !== null && ! $isSession,
            $staff,
        );
        $cancellation = $given->underIf('cancellation');

        return new self(
            name: $given->text('name'),
            category: $given->stringIf('category'),
            description: $given->text('description'),
            picture: $given->stringIf('picture'),
            staffNote: $given->text('staffNote'),
            bring: $given->stringIf('bring') ?? '',
            head: $given->text('head'),
            heads: $given->text('heads'),
            kind: $given->string('kind'),
            minutes: $given->int('minutes'),
            choices: $choices,
            range: $range === null ? null : RangeContent::from($range),
            setup: $given->int('setup'),
            clearup: $given->int('clearup'),
            staff: $staff,
            assignment: $given->string('assignment'),
            locations: $given->strings('locations'),
            resources: array_map(NeedContent::from(...), $given->each('resources')),
            startEvery: $given->int('startEvery'),
            startFrom: $given->string('startFrom'),
            noticeMinutes: $given->int('noticeMinutes'),
            bookAheadDays: $given->int('bookAheadDays'),
            hours: WeeklyTable::of($given, 'hours'),
            dayparts: $given->strings('dayparts'),
            availableFrom: $given->stringIf('availableFrom'),
            availableUntil: $given->stringIf('availableUntil'),
            maxPerDay: $given->intIf('maxPerDay'),
            places: $given->int('places'),
            maxParty: $given->intIf('maxParty'),
            pricing: $pricing,
            payment: PaymentContent::from($given->under('payment'))->fitting($pricing->isSaidLater()),
            cancellation: $cancellation === null ? null : CancellationContent::from($cancellation),
            staffPay: StaffPayContent::kept($given->underIf('staffPay')?->all()),
            colour: $given->stringIf('colour'),
            pattern: $given->stringIf('pattern'),
            approval: $given->bool('approval'),
            visibility: $given->string('visibility'),
            active: $given->bool('active'),
        );
    }

    public static function of(Service $row, ServiceLists $lists): self
    {
        $lengths = $row->lengths ?? [];

        return new self(
            name: $row->name,
            category: $row->category_id,
            description: $row->description,
            picture: $row->picture,
            staffNote: $row->staff_note,
            bring: $row->bring,
            head: $row->head,
            heads: $row->heads,
            kind: $row->kind,
            minutes: $row->minutes,
            choices: array_is_list($lengths) ? $lengths : [],
            range: array_is_list($lengths)
                ? null
                : new RangeContent($lengths['min'], $lengths['max'], $lengths['step']),
            setup: $row->setup,
            clearup: $row->clearup,
            staff: $lists->staff,
            assignment: $row->assignment,
            locations: $lists->locations,
            resources: $lists->resources,
            startEvery: $row->start_every,
            startFrom: $row->start_from,
            noticeMinutes: $row->notice_minutes,
            bookAheadDays: $row->book_ahead_days,
            hours: WeeklyTable::whole($row->hours),
            dayparts: $lists->dayparts,
            availableFrom: $row->available_from,
            availableUntil: $row->available_until,
            maxPerDay: $row->max_per_day,
            places: $row->places,
            maxParty: $row->max_party,
            pricing: PricingContent::from(Given::in($row->pricing))->of($lists->staff),
            payment: PaymentContent::from(Given::in($row->payment_terms)),
            cancellation: CancellationContent::kept($row->cancellation),
            staffPay: StaffPayContent::kept($row->staff_pay),
            colour: $row->colour,
            pattern: $row->pattern,
            approval: $row->approval,
            visibility: $row->visibility,
            active: $row->active,
        );
    }

    public static function rules(Business $business, ?string $id): array
    {
        return ServiceRules::of($business);
    }

    public static function sentences(): array
    {
        return ServiceRules::SENTENCES +
            PricingContent::sentences() +
            PaymentContent::sentences() +
            CancellationContent::sentences() +
            StaffPayContent::sentences();
    }

    public function name(): string
    {
        return $this->name;
    }

    /** @param  array{colour: string, pattern: string}  $badge */
    public function wearing(array $badge): self
    {
        return self::from(Given::in($badge + $this->toArray()));
    }

    /** The longest an appointment of it takes its people, in minutes. */
    public function longest(): int
    {
        return max($this->minutes, $this->range->max ?? 0, ...$this->choices) + $this->setup + $this->clearup;
    }

    /** @return array<string, mixed> of the row; what stands in lists beside it is written by Assigned */
    public function columns(): array
    {
        return [
            'name' => $this->name,
            'category_id' => $this->category,
            'description' => $this->description,
            'picture' => $this->picture,
            'staff_note' => $this->staffNote,
            'bring' => $this->bring,
            'head' => $this->head,
            'heads' => $this->heads,
            'kind' => $this->kind,
            'minutes' => $this->choices[0] ?? ($this->range->min ?? $this->minutes),
            'lengths' => $this->range?->toArray() ?? ($this->choices === [] ? null : $this->choices),
            'setup' => $this->setup,
            'clearup' => $this->clearup,
            'assignment' => $this->assignment,
            'start_every' => $this->startEvery,
            'start_from' => $this->startFrom,
            'notice_minutes' => $this->noticeMinutes,
            'book_ahead_days' => $this->bookAheadDays,
            'hours' => $this->hours,
            'available_from' => $this->availableFrom,
            'available_until' => $this->availableUntil,
            'max_per_day' => $this->maxPerDay,
            'places' => $this->places,
            'max_party' => $this->maxParty,
            'pricing' => $this->pricing->toArray(),
            'payment_terms' => $this->payment->toArray(),
            'cancellation' => $this->cancellation?->toArray(),
            'staff_pay' => $this->staffPay?->toArray(),
            'colour' => $this->colour,
            'pattern' => $this->pattern,
            'approval' => $this->approval,
            'visibility' => $this->visibility,
            'active' => $this->active,
        ];
    }

    public function toCore(string $id): Rules
    {
        return new Rules(
            id: $id,
            name: $this->name,
            lengths: match (true) {
                $this->range !== null => Lengths::stepped($this->range->min, $this->range->max, $this->range->step),
                $this->choices !== [] => Lengths::choices($this->choices),
                default => Lengths::fixed($this->minutes),
            },
            hasSessions: $this->kind === 'session',
            setup: $this->setup,
            clearup: $this->clearup,
            startEvery: $this->startEvery,
            gridFromOpening: $this->startFrom === 'opening',
            noticeMinutes: $this->noticeMinutes,
            bookAheadDays: $this->bookAheadDays,
            hours: $this->hours === null ? null : new Hours(WeeklyTable::windows($this->hours)),
            dayparts: $this->dayparts,
            availableFrom: $this->availableFrom === null ? null : Wall::day($this->availableFrom),
            availableUntil: $this->availableUntil === null ? null : Wall::day($this->availableUntil),
            locations: $this->active ? $this->locations : [], // a resting service is offered nowhere
            staff: $this->staff,
            assignment: Assignment::from($this->assignment),
            needs: array_map(static fn (NeedContent $need) => $need->toCore(), $this->resources),
            places: $this->places,
            maxParty: $this->maxParty,
            maxPerDay: $this->maxPerDay,
        );
    }
}
