<?php

declare(strict_types=1);

namespace YardBell\Core\Price;

use YardBell\Core\Time\Zone;

use function in_array;

/** Makes the quote of a visit by all that a business charges (rules.md, part 3). */
final readonly class Quoting
{
    public function __construct(private PriceList $list, private Zone $zone)
    {
    }

    /** @throws InvalidPrice if the service has no such length or add-on */
    public function quote(Tariff $tariff, Item $visit, Order $order = new Order()): Quote
    {
        $minutes = $tariff->minutes($visit);
        $own = $order->client?->rates[$tariff->service] ?? null;
        $base = $own ?? $tariff->pricing->base($tariff->lengths, $minutes, $visit->staff);
        $extra = $tariff->extraMinutes($visit->addOns);
        if ($base === null) {
            return Quote::settledLater();
        }
        $sheet = new Sheet();
        $people = $this->baseAndPeople($sheet, $tariff, $visit, $base);
        $this->addOns($sheet, $tariff, $visit);
        $surcharges = $this->surcharges($tariff, $visit, ($minutes ?? 0) + $extra, $base + $people);
        foreach ($surcharges as [$surcharge, $amount]) {
            $sheet->charge(new Line(LineKind::Surcharge, $surcharge->name, $amount, $surcharge->id));
        }
        $level = $own === null ? $this->level($tariff, $visit, $order, $base) : null;
        if ($level !== null) {
            $this->reduceTo($sheet, $tariff, $visit, $base - $level->amount);
        }
        $staffPay = (new Payroll(
            tariff: $tariff,
            party: $visit->party,
            base: $sheet->left($sheet->of(LineKind::Base)),
            people: $sheet->left($sheet->of(LineKind::People)),
            level: $level,
            surcharges: $surcharges,
        ))->shares($visit->staff, $this->list->staffRates);
        if ($visit->byCredit) {
            $lines = $sheet->of(LineKind::Base, LineKind::People);
            $sheet->reduce(LineKind::Covered, $tariff->name, $sheet->left($lines), $lines);
        }
        $codes = $this->codes($sheet, $tariff, $order);
        [$lines, $included, $added] = $this->taxed($sheet->lines(), $tariff);

        return Quote::of(
            lines: $lines,
            includedTax: $included,
            addedTax: $added,
            terms: $tariff->payment,
            payNow: $visit->payNow,
            staffPay: $staffPay,
            codes: $codes,
        );
    }

    /** P1 and P2. */
    private function baseAndPeople(Sheet $sheet, Tariff $tariff, Item $visit, int $base): int
    {
        $sheet->charge(new Line(LineKind::Base, $tariff->name, $base));
        if ($visit->party === 1) {
            return 0;
        }
        $people = $tariff->pricing->more($base, $visit->party);
        $sheet->charge(new Line(LineKind::People, $tariff->name, $people));

        return $people;
    }

    /** P3. */
    private function addOns(Sheet $sheet, Tariff $tariff, Item $visit): void
    {
        foreach ($visit->addOns as $id => $quantity) {
            $addOn = $tariff->addOn((string) $id);
            $amount = Amounts::times($addOn->amount, $quantity, $addOn->perPerson ? $visit->party : 1);
            $sheet->charge(new Line(
                kind: LineKind::AddOn,
                label: $addOn->name,
                amount: $amount,
                id: $addOn->id,
                quantity: $quantity,
            ));
        }
    }

    /**
     * P4: those that apply, in the business's order, with what they come to.
     *
     * @return list<array{Surcharge, int}>
     */
    private function surcharges(Tariff $tariff, Item $visit, int $minutes, int $baseAndPeople): array
    {
        if ($visit->start === null) {
            return [];
        }
        $applying = [];
        foreach ($this->list->surcharges as $surcharge) {
            if (
                ! in_array($surcharge->id, $tariff->pricing->excludeSurcharges, true) &&
                $surcharge->applies($visit->start, $visit->start + $minutes, $this->zone)
            ) {
                $charge = $surcharge->charge;
                $applying[] = [$surcharge, $charge instanceof Percent ? $charge->part($baseAndPeople) : $charge];
            }
        }

        return $applying;
    }

    /** P5: the level that this visit, the client's others and those of the order reach, if it is lower. */
    private function level(Tariff $tariff, Item $visit, Order $order, int $base): ?FrequencyLevel
    {
        if ($visit->start === null) {
            return null;
        }
        $visits = [
            new KnownBooking($tariff->service, $visit->start),
            ...$order->client->visits ?? [],
            ...$order->others,
        ];
        $level = Frequency::lowest(
            rules: $tariff->pricing->frequencies,
            service: $tariff->service,
            instant: $visit->start,
            visits: $visits,
            zone: $this->zone,
        );

        return $level !== null && $level->amount < $base ? $level : null;
    }

    /** P5: what each person pays less; more people pay as much as the first only where they all do. */
    private function reduceTo(Sheet $sheet, Tariff $tariff, Item $visit, int $less): void
    {
        $lines = $sheet->of(LineKind::Base);
        if ($tariff->pricing->perPerson) {
            $less = Amounts::times($less, $visit->party);
            $lines = $sheet->of(LineKind::Base, LineKind::People);
        }
        $sheet->reduce(LineKind::Frequency, $tariff->name, $less, $lines);
    }

    /**
     * P7: percents first, then amounts, each on what the one before left.
     *
     * @return list<CodeUse>
     */
    private function codes(Sheet $sheet, Tariff $tariff, Order $order): array
    {
        $lines = static fn (OfferCode $code): array => $code->includesExtras
            ? $sheet->of(LineKind::Base, LineKind::People, LineKind::AddOn, LineKind::Surcharge)
            : $sheet->of(LineKind::Base, LineKind::People);
        $uses = (new CodeDesk($this->list->codes))->uses(
            $order,
            $tariff->service,
            static fn (OfferCode $code): int => $sheet->left($lines($code)),
        );
        foreach ([true, false] as $percents) {
            foreach ($uses as $use) {
                if ($use->code === null || ! $use->isApplied() || $use->code->off instanceof Percent !== $percents) {
                    continue;
                }
                $code = $use->code;
                $left = $sheet->left($lines($code));
                $amount = $code->off instanceof Percent
                    ? $code->off->part($left)
                    : max(0, $code->off - ($order->codesUsed[$code->id] ?? 0));
                $sheet->reduce(
                    kind: LineKind::Code,
                    label: $code->code,
                    amount: min($amount, $left),
                    lines: $lines($code),
                    id: $code->id,
                );
            }
        }

        return $uses;
    }

    /**
     * P8: the tax of each line, as lines of their own or as what the lines include.
     *
     * @param  list<Line>  $lines
     * @return array{list<Line>, list<Tax>, list<Tax>} with what they include, and what is added
     */
    private function taxed(array $lines, Tariff $tariff): array
    {
        $taxes = [];
        foreach ($lines as $at => $line) {
            if ($line->net !== null) {
                $rates = $line->kind === LineKind::AddOn
                    ? $tariff->addOn((string) $line->id)->taxRates
                    : $tariff->pricing->taxRates;
                array_push($taxes, ...$this->list->taxes->on($at, $line->net, $rates));
            }
        }
        if ($this->list->taxes->included) {
            return [$lines, $taxes, []];
        }
        foreach ($taxes as $tax) {
            $lines[] = new Line(LineKind::Tax, $tax->rate->name, $tax->amount, $tax->rate->id, taxed: $tax->line);
        }

        return [$lines, [], $taxes];
    }
}
