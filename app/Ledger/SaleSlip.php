<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Language\Catalogue;
use App\Models\Account;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Document;
use App\Models\Movement;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentState;
use App\Models\Refund;
use App\Models\RefundState;
use App\Models\Sale;
use App\Models\SaleLine;
use App\Models\SaleLineKind;
use App\Papers\DocumentContent;
use App\Papers\IssueDocument;
use App\Payments\GiveBack;
use App\Payments\HearDispute;
use App\Payments\ReturnTip;
use App\Payments\TakeMoney;
use App\Payments\UndoDeskPayment;
use App\Sales\Handed;
use App\Sales\OpenPrices;
use App\Sales\SaleTaxes;

/** A sale as the workspace shows it: lines, payments, what is missing, documents, history, and what may be done. */
final readonly class SaleSlip
{
    public function __construct(
        private UndoDeskPayment $undo,
        private IssueDocument $issue,
        private Catalogue $catalogue,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Business $business, Sale $sale): array
    {
        $sale->unsetRelations();
        $owed = $sale->owed();
        $standing = $this->issue->standing($sale);

        return [
            'id' => $sale->id,
            'name' => $sale->name,
            'email' => $sale->about()->email(), // where its letters go
            'currency' => $sale->currency,
            'at' => self::instant($sale->created_at),
            'lines' => $sale->lines->map(fn (SaleLine $line): array => $this->line($sale, $line))->all(),
            'taxes' => SaleTaxes::of($sale->lines),
            'total' => $sale->total(),
            'owed' => $owed,
            'due' => max(0, $owed),
            'credit' => TakeMoney::credit($sale),
            'refundable' => GiveBack::refundable($sale),
            'tipsReturnable' => ReturnTip::returnable($sale),
            'payments' => $sale->payments
                ->filter(static fn (Payment $payment): bool => self::isShown($payment))
                ->map(fn (Payment $payment): array => $this->payment($business, $payment))
                ->values()
                ->all(),
            'refunds' => $sale->refunds->map($this->refund(...))->all(),
            'documents' => $sale->documents
                ->map(
                    static fn (Document $document): array => [
                        'id' => $document->id,
                        'kind' => $document->kind,
                        'number' => $document->written(),
                        'total' => DocumentContent::read($document->content)->total,
                        'at' => self::instant($document->at),
                        'stands' => $document->id === $standing?->id,
                    ],
                )
                ->all(),
            'history' => $this->history($sale),
            'open' => $sale->bookings
                ->filter(OpenPrices::isOpen(...))
                ->map(static fn (Booking $booking): array => [
                    'booking' => $booking->id,
                    'service' => $booking->service_name,
                    'from' => $booking->from_price,
                ])
                ->values()
                ->all(),
            'bookings' => $sale->bookings
                ->map(
                    static fn (Booking $booking): array => [
                        'id' => $booking->id,
                        'service' => $booking->service_name,
                        'start' => $booking->starts_at->format('Y-m-d\TH:i\Z'),
                    ],
                )
                ->all(),
            'mayCharge' => $owed > 0 &&
                $sale->payments->contains('state', PaymentState::Refused) &&
                $sale->payments->contains('state', PaymentState::Kept) &&
                ! $sale->payments->contains('state', PaymentState::Charging),
        ];
    }

    /** An attempt that came to nothing is of no interest at the desk. */
    private static function isShown(Payment $payment): bool
    {
        return $payment->kind !== PaymentKind::Card &&
            ! in_array($payment->state, [PaymentState::Failed, PaymentState::Lapsed], true);
    }

    /** @return array<string, mixed> */
    private function line(Sale $sale, SaleLine $line): array
    {
        $booking = $line->kind === SaleLineKind::Booking ? $sale->bookings->firstWhere('id', $line->booking_id) : null;

        return [
            'kind' => $line->kind->value,
            'label' => $line->label,
            'amount' => $line->amount,
            'why' => $line->why,
            'by' => $this->told($line->by),
            'at' => self::instant($line->at),
            'booking' => $line->booking_id,
            'start' => $booking?->starts_at->format('Y-m-d\TH:i\Z'),
            'party' => $booking->party ?? 1,
            'parts' => $booking === null || count($booking->lines) < 2 ? [] : $booking->lines,
        ];
    }

    /** @return array<string, mixed> */
    private function payment(Business $business, Payment $payment): array
    {
        $handed = Handed::of($payment);

        return [
            'id' => $payment->id,
            'method' => $payment->method->value,
            'amount' => $payment->amount,
            'tip' => $payment->tip,
            'tipBack' => ReturnTip::back($payment),
            'given' => $payment->given,
            'change' => $handed->change,
            'kept' => $handed->kept,
            'state' => $payment->state->value,
            'at' => self::instant($handed->at ?? $payment->created_at),
            'by' => $this->told($handed->by),
            'disputed' => HearDispute::standing($payment->id),
            'mayUndo' => $this->undo->may($business, $payment),
        ];
    }

    /** @return array<string, mixed> */
    private function refund(Refund $refund): array
    {
        return [
            'id' => $refund->id,
            'method' => $refund->method()->value,
            'amount' => $refund->amount,
            'state' => $refund->state->value,
            'why' => $refund->why,
            'at' => self::instant($refund->at()),
            'by' => $this->told($refund->by),
            'failed' => $refund->state === RefundState::Failed,
        ];
    }

    /** @return list<array{about: string, account: string, amount: int, at: string, by: string, why: string}> */
    private function history(Sale $sale): array
    {
        $history = [];
        foreach ($sale->entries->groupBy('pair') as $pair) {
            $to = $pair->firstOrFail();
            $from = $pair->last() ?? $to;
            if (in_array($to->account, [Account::Sales, Account::PayCost], true) || $to->about === Movement::Payout) {
                continue; // tax and pay that go with a line, and what the processor does with it later
            }
            $isIn = in_array($from->account, [Account::Due, Account::Sales, Account::Tips, Account::Credit], true);
            $away = $isIn ? $to : $from;
            $history[] = [
                'about' => $to->about->value,
                'account' => $away->account->value,
                'amount' => abs($to->amount),
                'at' => self::instant($to->at),
                'by' => $this->told($to->by),
                'why' => $to->why,
            ];
        }

        return $history;
    }

    /** What nobody in person has done is said in the reader's language. */
    private function told(string $by): string
    {
        return str_starts_with($by, 'history.') ? $this->catalogue->text($by) : $by;
    }

    private static function instant(?\DateTimeInterface $at): string
    {
        return $at?->format('Y-m-d\TH:i\Z') ?? '';
    }
}
