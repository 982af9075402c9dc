<?php

declare(strict_types=1);

namespace App\Offer;

use App\Language\Catalogue;
use App\Models\Business;
use App\Models\Member;
use App\Support\Money;
use YardBell\Core\Price\AddOn;
use YardBell\Core\Price\Item;
use YardBell\Core\Price\Line;
use YardBell\Core\Price\LineKind;
use YardBell\Core\Price\OfferCode;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Tariff;

/** Says of each line of a quote which rule made it, with the numbers in it. */
final readonly class LineWhy
{
    /** @param  int  $nth which of the client's visits in its period */
    public function __construct(
        private Catalogue $catalogue,
        private Business $business,
        private PriceList $list,
        private Tariff $tariff,
        private Item $visit,
        private int $nth,
    ) {
    }

    /** @param  list<Line>  $lines */
    public function of(array $lines, int $at): string
    {
        $line = $lines[$at];

        return match ($line->kind) {
            LineKind::Base => $this->base($line),
            LineKind::People => $this->people($lines[0]),
            LineKind::AddOn => $this->addOn($this->tariff->addOn((string) $line->id), $line),
            LineKind::Surcharge => $this->surcharge($line, array_slice($lines, 0, 2)),
            LineKind::Frequency => $this->frequency($lines[0]),
            LineKind::Covered => '',
            LineKind::Code => $this->code($this->list->codes[(string) $line->id]),
            LineKind::Tax => $this->tax($line, $lines[$line->taxed ?? 0]),
        };
    }

    private function base(Line $line): string
    {
        $member = $this->visit->staff[0] ?? null;
        $pricing = $this->tariff->pricing;
        $minutes = $this->visit->minutes ?? $this->tariff->lengths?->named(null);

        return match (true) {
            $member !== null && isset($pricing->byStaff[$member]) => $this->say('with_person', [
                'amount' => $this->money($line->amount),
                'name' => Member::query()->where('business_id', $this->business->id)->find($member)->name ?? '',
            ]),
            $pricing->perStep !== null && $this->tariff->lengths !== null && $minutes !== null => $this->say('steps', [
                'steps' => intdiv($minutes + $this->tariff->lengths->step - 1, $this->tariff->lengths->step),
                'minutes' => $this->tariff->lengths->step,
                'amount' => $this->money($pricing->perStep),
            ]),
            $minutes !== null && $pricing->byMinutes !== [] => $this->say('for_length', [
                'minutes' => $minutes,
                'amount' => $this->money($line->amount),
            ]),
            default => $this->say('its_price', ['amount' => $this->money($line->amount)]),
        };
    }

    private function people(Line $base): string
    {
        $more = $this->visit->party - 1;
        $extra = $this->tariff->pricing->extraPeople;
        $amounts = $this->tariff->pricing->perPerson
            ? array_fill(0, $more, $base->amount)
            : array_map(static fn (int $i): int => $extra[$i] ?? $extra[count($extra) - 1] ?? 0, range(0, $more - 1));

        return $this->say('people', [
            'count' => $more,
            'amounts' => implode(' + ', array_map($this->money(...), array_slice($amounts, 0, 6))),
            'more' => count($amounts) > 6 ? 'yes' : 'no',
        ]);
    }

    private function addOn(AddOn $addOn, Line $line): string
    {
        return $this->say($addOn->perPerson && $this->visit->party > 1 ? 'add_on_each' : 'add_on', [
            'quantity' => $line->quantity ?? 1,
            'amount' => $this->money($addOn->amount),
            'party' => $this->visit->party,
        ]);
    }

    /** @param  list<Line>  $first base, and people if any come along */
    private function surcharge(Line $line, array $first): string
    {
        $surcharge = $this->list->surcharges[(string) $line->id];
        $of = 0;
        foreach ($first as $one) {
            $of += in_array($one->kind, [LineKind::Base, LineKind::People], true) ? $one->amount : 0;
        }

        return $this->say("surcharge_{$surcharge->when->value}", [
            'how' => $surcharge->charge instanceof Percent
                ? $this->say('part', ['percent' => $surcharge->charge->written(), 'of' => $this->money($of)])
                : $this->money($surcharge->charge),
        ]);
    }

    private function frequency(Line $base): string
    {
        [$period, $amount] = ['', PHP_INT_MAX];
        foreach ($this->tariff->pricing->frequencies as $rule) {
            $level = $rule->reached($this->nth);
            if ($level !== null && $level->amount < $amount) {
                [$period, $amount] = [$rule->period->value, $level->amount];
            }
        }

        return $this->say('frequency', [
            'nth' => $this->nth,
            'period' => $period,
            'amount' => $this->money($amount),
            'before' => $this->money($base->amount),
        ]);
    }

    private function code(OfferCode $code): string
    {
        return $code->off instanceof Percent
            ? $this->say('code_part', [
                'percent' => $code->off->written(),
                'extras' => $code->includesExtras ? 'yes' : 'no',
            ])
            : $this->say('code_amount', ['amount' => $this->money($code->off)]);
    }

    private function tax(Line $line, Line $taxed): string
    {
        return $this->say('tax', [
            'percent' => $this->list->taxes->rates[(string) $line->id]->percent->written(),
            'what' => $taxed->label,
            'of' => $this->money($taxed->net ?? 0),
        ]);
    }

    /** @param  array<string, int|string>  $facts */
    private function say(string $code, array $facts): string
    {
        return $this->catalogue->say("price.{$code}", $facts);
    }

    private function money(int $amount): string
    {
        return Money::written($amount, $this->business->currency);
    }
}
