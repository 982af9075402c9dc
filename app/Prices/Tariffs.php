<?php

declare(strict_types=1);

namespace App\Prices;

use App\Models\AddOn;
use App\Models\Service;
use App\Prices\Contents\PaymentContent;
use App\Prices\Contents\PricingContent;
use App\Prices\Contents\StaffPayContent;
use App\Support\CoreSentence;
use App\Support\Given;
use App\Support\Refusal;
use Illuminate\Support\Collection;
use YardBell\Core\Availability\Lengths;
use YardBell\Core\Price\AddOn as PricedAddOn;
use YardBell\Core\Price\InvalidPrice;
use YardBell\Core\Price\Item;
use YardBell\Core\Price\Order;
use YardBell\Core\Price\PaymentTerms;
use YardBell\Core\Price\Quote;
use YardBell\Core\Price\Quoting;
use YardBell\Core\Price\Tariff;

/** What services cost, as the core reckons with it. */
final readonly class Tariffs
{
    /** Of a service with its add-ons: one query. */
    public function of(Service $service): Tariff
    {
        return self::with(
            $service,
            AddOn::query()->where('business_id', $service->business_id)->orderBy('position')->orderBy('id')->get(),
        );
    }

    /** @param  Collection<int, AddOn>  $addOns of the business */
    public static function with(Service $service, Collection $addOns): Tariff
    {
        $own = [];
        foreach ($addOns as $addOn) {
            if ($addOn->services === null || in_array($service->id, $addOn->services, true)) {
                $own[$addOn->id] = new PricedAddOn(
                    id: $addOn->id,
                    name: $addOn->name,
                    amount: $addOn->price,
                    minutes: $addOn->minutes,
                    perPerson: $addOn->per_person,
                    taxRates: $addOn->tax_rates,
                );
            }
        }

        return self::priced(
            id: $service->id,
            name: $service->name,
            kind: $service->kind,
            minutes: $service->minutes,
            lengths: $service->lengths ?? [],
            pricing: PricingContent::from(Given::in($service->pricing)),
            addOns: $own,
            payment: PaymentContent::from(Given::in($service->payment_terms)),
            staffPay: StaffPayContent::kept($service->staff_pay),
        );
    }

    /**
     * Of the columns a service has.
     *
     * @param  list<int>|array{min: int, max: int, step: int}  $lengths empty: "minutes" alone
     * @param  array<string, PricedAddOn>  $addOns by id
     * @param  PaymentContent|null  $payment null: nothing when booking
     * @param  StaffPayContent|null  $staffPay null: nothing
     */
    public static function priced(
        string $id,
        string $name,
        string $kind,
        int $minutes,
        array $lengths,
        PricingContent $pricing,
        array $addOns = [],
        ?PaymentContent $payment = null,
        ?StaffPayContent $staffPay = null,
    ): Tariff {
        $lengths = match (true) {
            $kind === 'session' => null, // it has a length of its own
            $lengths === [] => Lengths::fixed($minutes),
            array_is_list($lengths) => Lengths::choices($lengths),
            default => Lengths::stepped($lengths['min'], $lengths['max'], $lengths['step']),
        };

        return new Tariff(
            service: $id,
            name: $name,
            lengths: $lengths,
            pricing: $pricing->toCore(),
            addOns: $addOns,
            payment: $payment?->toCore() ?? new PaymentTerms(),
            staffPay: $staffPay?->toCore(),
        );
    }

    /** @throws Refusal that says what there is no price for */
    public static function quote(Quoting $quoting, Tariff $tariff, Item $visit, Order $order = new Order()): Quote
    {
        try {
            return $quoting->quote($tariff, $visit, $order);
        } catch (InvalidPrice $wrong) {
            throw new Refusal(CoreSentence::of($wrong), 422, 'invalid');
        }
    }
}
