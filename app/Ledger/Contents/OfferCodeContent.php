<?php

declare(strict_types=1);

namespace App\Ledger\Contents;

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
            $given->text('code'),
            $percent === null ? $given->intIf('amount') : null,
            $percent,
            $given->stringsIf('services'),
            $given->stringIf('from'),
            $given->stringIf('until'),
            $given->int('minimum'),
            $given->intIf('uses'),
            $given->intIf('usesPerClient'),
            $given->bool('firstVisitOnly'),
            $given->bool('includesExtras'),
            $given->bool('combines'),
        );
    }

    public static function of(Row $row): self
    {
        return new self(
            $row->code,
            $row->amount,
            $row->percent,
            $row->services,
            $row->from,
            $row->until,
            $row->minimum,
            $row->uses,
            $row->uses_per_client,
            $row->first_visit_only,
            $row->includes_extras,
            $row->combines,
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
                new Later('from', 'wrong.code.ends_after', orSame: true),
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
            'code.required' => 'wrong.code.called',
            'amount.*' => 'wrong.code.amount_or_part',
            'services.*' => 'wrong.add_on.choose_services_or',
            'services.min' => 'wrong.add_on.no_service_chosen',
            'minimum.*' => 'wrong.price.price_amount_0',
            'uses.*' => 'wrong.code.how_often',
            'usesPerClient.*' => 'wrong.code.how_often',
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
            $id,
            $this->code,
            $this->percent === null ? $this->amount ?? 0 : Percent::of($this->percent),
            $this->services,
            $this->from === null ? null : Wall::day($this->from),
            $this->until === null ? null : Wall::day($this->until),
            $this->minimum,
            $this->uses,
            $used,
            $this->usesPerClient,
            $usedBy,
            $this->firstVisitOnly,
            $this->includesExtras,
            $this->combines,
        );
    }
}
