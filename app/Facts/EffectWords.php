<?php

declare(strict_types=1);

namespace App\Facts;

use App\Language\Catalogue;
use App\Payments\GivingUp;
use App\Payments\MoneyEffect;
use App\Payments\PriceChange;
use App\Support\Money;

/** What giving a visit up, or taking that back, does to the money, in words for before the press. */
final readonly class EffectWords
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  bool  $toClient or to the house
     * @return non-empty-list<string>
     */
    public function of(MoneyEffect $effect, bool $toClient): array
    {
        $said = [
            ...$this->amounts($effect, $toClient, [
                'charge_stopped' => $effect->chargeStopped(),
                'refund_stopped' => $effect->refundStopped(),
                'gone' => $effect->gone(),
                'fee_dropped' => $effect->dropped(),
            ]),
            ...$this->goesBack($effect, $toClient),
            ...$this->amounts($effect, $toClient, [
                'by_hand' => $effect->byHand(),
                'fee_waived' => $effect->waived(),
                'fee_kept' => $effect->feeKept(),
                'fee_charged' => $effect->charge(),
                'fee_due' => $effect->feeDue(),
            ]),
            ...$this->stays($effect, $toClient),
            ...$this->amounts($effect, $toClient, ['still_due' => $effect->due()]),
        ];

        return $said === [] ? [$this->say($effect, $toClient, 'nothing')] : $said;
    }

    /**
     * What something that is changed costs then, and what that does to the money, as the screens read it.
     *
     * @return array{says: non-empty-list<string>, seen: string, cost: int, charged: int}
     */
    public function change(PriceChange $change, bool $toClient): array
    {
        $shape = $this->shape($change->effect, $toClient);
        $code = $change->was === $change->price ? 'price_stays' : 'price_becomes';
        $price = $this->say(
            effect: $change->effect,
            toClient: $toClient,
            code: $code,
            amount: $change->price,
            more: [
                'was' => Money::written($change->was, $change->effect->currency),
            ],
        );

        $now = $this->amounts($change->effect, $toClient, ['pay_now' => $change->now]);

        return ['says' => [$price, ...$change->effect->concernsClient() ? $shape['says'] : [], ...$now]] + $shape;
    }

    /**
     * As the screens read it.
     *
     * @return array{says: non-empty-list<string>, seen: string, cost: int, charged: int}
     */
    public function shape(MoneyEffect $effect, bool $toClient): array
    {
        return [
            'says' => $this->of($effect, $toClient),
            'seen' => $effect->seal(),
            'cost' => $effect->cost(),
            'charged' => $effect->charged(),
        ];
    }

    /** @return list<string> */
    private function goesBack(MoneyEffect $effect, bool $toClient): array
    {
        $said = [];
        foreach ($effect->goesBack() as $way => $amount) {
            $said[] = $this->say(
                effect: $effect,
                toClient: $toClient,
                code: 'goes_back',
                amount: $amount,
                more: ['way' => $way],
            );
        }

        return $said;
    }

    /** @return list<string> what was paid pays for what is left */
    private function stays(MoneyEffect $effect, bool $toClient): array
    {
        if ($effect->others !== [] && $effect->kept() > 0) {
            $what = implode(', ', $effect->others);

            return [$this->say(
                effect: $effect,
                toClient: $toClient,
                code: 'pays_for',
                amount: $effect->kept(),
                more: ['what' => $what],
            )];
        }
        $isCharged = $effect->giving === GivingUp::TakenBack && $effect->charged() > 0 && $effect->goesBack() === [];

        return $isCharged ? [$this->say($effect, $toClient, 'charge_pays', $effect->charged())] : [];
    }

    /**
     * @param  array<string, int>  $amounts by code
     * @return list<string> of those that are something
     */
    private function amounts(MoneyEffect $effect, bool $toClient, array $amounts): array
    {
        $said = [];
        foreach (array_filter($amounts) as $code => $amount) {
            $said[] = $this->say($effect, $toClient, $code, $amount);
        }

        return $said;
    }

    /** @param  array<string, string>  $more */
    private function say(MoneyEffect $effect, bool $toClient, string $code, int $amount = 0, array $more = []): string
    {
        return $this->catalogue->say("effect.{$code}", [
            'amount' => Money::written($amount, $effect->currency),
            'whom' => $toClient ? 'client' : 'house',
            'for' => $effect->giving->value,
            ...$more,
        ]);
    }
}
