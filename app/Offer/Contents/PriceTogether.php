<?php

declare(strict_types=1);

namespace App\Offer\Contents;

use App\Language\Sentence;
use App\Prices\Contents\CancellationContent;
use App\Prices\Contents\PaymentContent;
use App\Prices\Contents\PricingContent;
use App\Prices\Contents\StaffPayContent;
use App\Support\Given;
use YardBell\Core\Price\PaymentKind;

/** What lengths, price, payment and approval of a service say together. */
final class PriceTogether
{
    /** @return array<string, string> a sentence by field; empty if all is well */
    public static function wrong(Given $given): array
    {
        $pricing = PricingContent::from($given->under('pricing'));
        [$payment, $cancellation] = [$given->under('payment'), $given->underIf('cancellation')];

        return array_filter([
            ...self::lengths($given, $pricing),
            'pricing.extraPeople' => $pricing->perPerson && $pricing->extraPeople !== []
                    ? 'wrong.price.more_people_twice'
                    : null,
            'payment.amount' => $payment->string('kind') === PaymentKind::Deposit->value && ! self::isOneOf($payment)
                    ? PaymentContent::sentences()['payment.amount.*']
                    : null,
            'cancellation.amount' => $cancellation !== null && ! self::isOneOf($cancellation)
                    ? CancellationContent::sentences()['cancellation.amount.*']
                    : null,
            'staffPay.amount' => $given->underIf('staffPay') !== null && ! self::isOneOf($given->under('staffPay'))
                    ? StaffPayContent::sentences()['staffPay.amount.*']
                    : null,
            'approval' => $given->bool('approval') && self::paysFirst($given, $pricing)
                    ? 'wrong.price.approval'
                    : null,
        ]);
    }

    /** @return array<string, string|null> */
    private static function lengths(Given $given, PricingContent $pricing): array
    {
        if ($pricing->kind !== 'fixed' || $given->string('kind') !== 'appointment') {
            return [];
        }
        $isOwn = $given->underIf('range') !== null;
        $choices = $isOwn || count($given->ints('choices')) < 2 ? [] : $given->ints('choices');
        $unpriced = array_diff($choices, array_column($pricing->byMinutes, 'minutes'));

        return [
            'pricing.byMinutes' => $unpriced === []
                ? null
                : (new Sentence('wrong.price.of_minutes', ['minutes' => implode(', ', $unpriced)]))->text(),
            'pricing.perStep' => $isOwn && $pricing->perStep === null
                ? PricingContent::sentences()['pricing.perStep.*']
                : null,
        ];
    }

    /** Either an amount or a part, not both. */
    private static function isOneOf(Given $terms): bool
    {
        return $terms->has('amount') !== $terms->has('percent');
    }

    private static function paysFirst(Given $given, PricingContent $pricing): bool
    {
        $kind = PaymentKind::from($given->under('payment')->string('kind'));
        $isPaidFirst = match ($kind) {
            PaymentKind::None, PaymentKind::CardHold => false,
            PaymentKind::Optional, PaymentKind::Deposit, PaymentKind::Full => true,
        };

        return $isPaidFirst && ! $pricing->of($given->strings('staff'))->isSaidLater();
    }
}
