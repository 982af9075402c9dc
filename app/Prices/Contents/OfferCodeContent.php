<?php

declare(strict_types=1);

namespace App\Prices\Contents;

use App\Changes\Content;
use App\Models\Business;
use App\Models\OfferCode as Row;
use App\Support\Checks;
use App\Support\Given;
use App\Support\Later;
use YardBell\Core\Price\OfferCode;
use YardBell\Core\Price\Percent;
use YardBell\Core\Time\Wall;

/** A code that makes visits cheaper (rules.md P7): an amount of the order, or a part of what it is off. */
final readonly class OfferCodeContent extends Content
{
    private const MOST = 1_000_000;

    /**
     * @param  int|null  $amount minor unit
     * @param  list<string>|null  $services ids; null: all of them
     * @param  string|null  $from, $until dates, both included
     * @param  int  $minimum minor unit
     */
    public function __construct(
        public string $code,
        public ?int $amount,
        public ?string $percent,
        public ?array $services,
        public ?string $from,
        public ?string $until,
        public int $minimum,
        public ?int $uses,
        public ?int $usesPerClient,
        public bool $firstVisitOnly,
        public bool $includesExtras,
        public bool $combines,
    ) {
    }

    public static function from(Given $given): static
    {
        $percent = Amounts::written($given->stringIf('percent'));

        return new self(
            code: $given->text('code'),
            amount: $percent === null ? $given->intIf('amount') : null,
            percent: $percent,
            services: $given->stringsIf('services'),
            from: $given->stringIf('from'),
            until: $given->stringIf('until'),
            minimum: $given->int('minimum'),
            uses: $given->intIf('uses'),
            usesPerClient: $given->intIf('usesPerClient'),
            firstVisitOnly: $given->bool('firstVisitOnly'),
            includesExtras: $given->bool('includesExtras'),
            combines: $given->bool('combines'),
        );
    }

    public static function of(Row $row): self
    {
        return new self(
            code: $row->code,
            amount: $row->amount,
            percent: $row->percent,
            services: $row->services,
            from: $row->from,
            until: $row->until,
            minimum: $row->minimum,
            uses: $row->uses,
            usesPerClient: $row->uses_per_client,
            firstVisitOnly: $row->first_visit_only,
            includesExtras: $row->includes_extras,
            combines: $row->combines,
        );
    }

    public static function rules(Business $business, ?string $id): array
    {
        $uses = 'present|nullable|integer|min:1|max:'.self::MOST;

        return [
            'code' => 'required|string|max:60',
            'amount' => ['present', 'nullable', 'required_without:percent', ...explode('|', Amounts::RULE)],
            'percent' => ['present', 'nullable', Amounts::percent()],
            'services' => 'present|nullable|array|list|min:1|max:300',
            'services.*' => ['distinct', ...Checks::of($business, 'services')],
            'from' => ['present', 'nullable', Checks::date()],
            'until' => [
                'present',
                'nullable',
                Checks::date(),
                new Later('from', 'wrong.code.end_before_begin', orSame: true),
            ],
            'minimum' => 'required|'.Amounts::RULE,
            'uses' => $uses,
            'usesPerClient' => $uses,
            'firstVisitOnly' => 'required|boolean',
            'includesExtras' => 'required|boolean',
            'combines' => 'required|boolean',
        ];
    }

    public static function sentences(): array
    {
        return [
            'code.required' => 'wrong.code.code_required',
            'amount.*' => 'wrong.code.amount_or_percent',
            'services.*' => 'wrong.add_on.services',
            'services.min' => 'wrong.add_on.services_empty',
            'minimum.*' => 'wrong.price.amount',
            'uses.*' => 'wrong.code.uses',
            'usesPerClient.*' => 'wrong.code.uses',
        ];
    }

    public function name(): string
    {
        return $this->code;
    }

    /** @param  array<string, int>  $usedBy uses so far by client */
    public function toCore(string $id, int $used, array $usedBy): OfferCode
    {
        return new OfferCode(
            id: $id,
            code: $this->code,
            off: $this->percent === null ? $this->amount ?? 0 : Percent::of($this->percent),
            services: $this->services,
            fromDay: $this->from === null ? null : Wall::day($this->from),
            untilDay: $this->until === null ? null : Wall::day($this->until),
            minimum: $this->minimum,
            uses: $this->uses,
            used: $used,
            usesPerClient: $this->usesPerClient,
            usedBy: $usedBy,
            firstVisitOnly: $this->firstVisitOnly,
            includesExtras: $this->includesExtras,
            combines: $this->combines,
        );
    }
}
