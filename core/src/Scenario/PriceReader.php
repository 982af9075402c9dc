<?php

declare(strict_types=1);

namespace YardBell\Core\Scenario;

use YardBell\Core\Availability\Lengths;
use YardBell\Core\Price\AddOn;
use YardBell\Core\Price\PaymentKind;
use YardBell\Core\Price\PaymentTerms;
use YardBell\Core\Price\Percent;
use YardBell\Core\Price\PriceList;
use YardBell\Core\Price\Tariff;

use function array_column;

/** Reads what a service costs, with what can be had with it, when it is paid and what its staff get. */
final readonly class PriceReader
{
    private const ADD_ON = ['id', 'name', 'amount', 'minutes', 'perPerson', 'taxRates'];

    /** @param  array<string, true>  $staff ids */
    public function __construct(private array $staff, private PriceList $list)
    {
    }

    public function tariff(Node $service, string $id, string $name, ?Lengths $lengths): Tariff
    {
        return new Tariff(
            service: $id,
            name: $name,
            lengths: $lengths,
            pricing: (new PricingReader($this->staff, $this->list))->pricing($service, $lengths),
            addOns: $this->addOns($service),
            payment: $this->payment($service),
            staffPay: $this->staffPay($service),
        );
    }

    /** @return array<string, AddOn> */
    private function addOns(Node $service): array
    {
        $addOns = [];
        foreach ($service->nodes('addOns', self::ADD_ON) as $node) {
            $id = Reader::newId($node, $addOns);
            $addOns[$id] = new AddOn(
                id: $id,
                name: $node->text('name', $id),
                amount: AmountReader::amount($node, 'amount'),
                minutes: $node->number('minutes', 0, ServiceReader::LONGEST, 0),
                perPerson: $node->flag('perPerson', false),
                taxRates: $node->ids('taxRates', $this->list->taxes->rates, 'tax rate'),
            );
        }

        return $addOns;
    }

    private function payment(Node $service): PaymentTerms
    {
        $node = $service->node('payment', ['kind', 'amount', 'percent']);
        if ($node === null) {
            return new PaymentTerms();
        }
        $kind = PaymentKind::from($node->choice('kind', array_column(PaymentKind::cases(), 'value'), 'none'));

        return new PaymentTerms(
            $kind,
            $kind === PaymentKind::Deposit
                ? AmountReader::either($node)
                : AmountReader::eitherOrNull($node, 'amount', 'percent'),
        );
    }

    private function staffPay(Node $service): int|Percent|null
    {
        $node = $service->node('staffPay', ['percent', 'amount']);

        return $node === null ? null : AmountReader::either($node);
    }
}
