<?php

declare(strict_types=1);

namespace App\Prices;

use App\Models\Business;
use App\Models\Member;
use App\Models\OfferCode;
use App\Models\Surcharge;
use App\Models\TaxRate;
use App\Support\Ids;
use YardBell\Core\Price\OfferCode as CodeRules;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Surcharge as Rules;
use YardBell\Core\Scenario\Writer;
use YardBell\Core\Time\Wall;

/** Writes a document's taxes and surcharges; what it no longer has goes. */
final readonly class WritePriceLists
{
    public function __invoke(Business $business, PriceList $list, Ids $ids): void
    {
        $business->update(['prices_include_tax' => $list->taxes->included]);
        foreach (array_values($list->taxes->rates) as $position => $rate) {
            TaxRate::query()->updateOrCreate(
                ['business_id' => $business->id, 'id' => $ids->of('tax_rates', $rate->id)],
                ['name' => $rate->name, 'percent' => $rate->percent->written(), 'position' => $position],
            );
        }
        foreach (array_values($list->surcharges) as $position => $surcharge) {
            Surcharge::query()->updateOrCreate(
                ['business_id' => $business->id, 'id' => $ids->of('surcharges', $surcharge->id)],
                self::columns($surcharge) + ['position' => $position],
            );
        }
        foreach (array_values($list->codes) as $position => $code) {
            OfferCode::query()->updateOrCreate(
                ['business_id' => $business->id, 'id' => $ids->of('offer_codes', $code->id)],
                self::code($code, $ids) + ['position' => $position],
            );
        }
        OfferCode::query()->where('business_id', $business->id)->whereNotIn('id', $ids->taken('offer_codes'))->delete();
        foreach (Member::query()->where('business_id', $business->id)->get() as $member) {
            $member->update(['rates' => self::pay($list, $member->id, $ids)]);
        }
        TaxRate::query()->where('business_id', $business->id)->whereNotIn('id', $ids->taken('tax_rates'))->delete();
        Surcharge::query()->where('business_id', $business->id)->whereNotIn('id', $ids->taken('surcharges'))->delete();
    }

    /** @return list<array{service: string, amount: int|null, percent: string|null}> */
    private static function pay(PriceList $list, string $member, Ids $ids): array
    {
        $written = [];
        foreach ($list->staffRates as $of => $rates) {
            foreach ($ids->of('staff', (string) $of) === $member ? $rates : [] as $service => $rate) {
                $written[] = [
                    'service' => $ids->of('services', (string) $service),
                    'amount' => $rate instanceof Percent ? null : $rate,
                    'percent' => $rate instanceof Percent ? $rate->written() : null,
                ];
            }
        }
        sort($written);

        return $written;
    }

    /** @return array<string, mixed> */
    private static function code(CodeRules $code, Ids $ids): array
    {
        return [
            'code' => $code->code,
            'amount' => $code->off instanceof Percent ? null : $code->off,
            'percent' => $code->off instanceof Percent ? $code->off->written() : null,
            'services' => $code->services === null ? null : $ids->all('services', $code->services),
            'from' => $code->fromDay === null ? null : Wall::date($code->fromDay),
            'until' => $code->untilDay === null ? null : Wall::date($code->untilDay),
            'minimum' => $code->minimum,
            'uses' => $code->uses,
            'used_before' => $code->used,
            'used_by_before' => array_combine(
                $ids->all('clients', array_map(strval(...), array_keys($code->usedBy))),
                $code->usedBy,
            ),
            'uses_per_client' => $code->usesPerClient,
            'first_visit_only' => $code->firstVisitOnly,
            'includes_extras' => $code->includesExtras,
            'combines' => $code->combines,
        ];
    }

    /** @return array<string, mixed> */
    private static function columns(Rules $surcharge): array
    {
        $percent = static fn (int|Percent|null $of): ?string => $of instanceof Percent ? $of->written() : null;
        $amount = static fn (int|Percent|null $of): ?int => $of instanceof Percent ? null : $of;

        return [
            'name' => $surcharge->name,
            'when' => $surcharge->when->value,
            'hours' => $surcharge->hours === null ? null : Writer::weekly($surcharge->hours->weekly()),
            'weekdays' => array_map(static fn (int $weekday): string => Wall::WEEKDAYS[$weekday], $surcharge->weekdays),
            'dates' => array_map(Wall::date(...), $surcharge->days),
            'amount' => $amount($surcharge->charge),
            'percent' => $percent($surcharge->charge),
            'staff_amount' => $amount($surcharge->staff),
            'staff_percent' => $percent($surcharge->staff),
        ];
    }
}
