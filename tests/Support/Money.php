<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Booking;
use App\Models\PaymentKind;
use App\Models\PaymentMethod;
use App\Models\PaymentState;
use App\Models\RefundState;
use App\Models\SaleLineKind;
use App\Papers\IssueDocument;
use App\Payments\DeskPayment;
use App\Payments\RecordPayment;
use App\Payments\Returning;
use App\Payments\ReturnMoney;
use App\Payments\TakeMoney;
use App\Sales\NewLine;
use App\Sales\OpenSale;
use App\Sales\WriteLine;

/** A sale in which something of every kind has happened. */
final readonly class Money
{
    private function __construct(
        public string $sale,
        public string $payment,
        public string $refund,
        public string $document,
        public int $owed,
    ) {
    }

    /** Of a booking that is booked: 60 more than it costs is owed, 10 taken in cash; a card refused, a refund too. */
    public static function of(Booking $booking): self
    {
        $business = $booking->business;
        $sale = app(OpenSale::class)($booking);
        app(WriteLine::class)($sale, new NewLine(SaleLineKind::Added, 'Glaze', 6000), 'Owner');
        $made = ['business_id' => $business->id, 'currency' => 'EUR', 'checkout' => 'co'];
        $sale->payments()->create(['amount' => 0, 'kind' => PaymentKind::Card, 'state' => PaymentState::Kept] + $made);
        $sale->payments()->create(
            ['amount' => 50, 'kind' => PaymentKind::Fee, 'state' => PaymentState::Refused] + $made,
        );
        app(RecordPayment::class)($sale->payments()->create(['amount' => 500] + $made)->id);
        app(ReturnMoney::class)->of($sale, new Returning(500), 'Owner');
        $refund = $sale->refunds()->firstOrFail();
        $refund->update(['state' => RefundState::Failed]);
        $taken = new DeskPayment(PaymentMethod::Cash, 1000, tip: 20);
        $cash = app(TakeMoney::class)->take($business, $sale, $taken, 'Owner');
        $document = app(IssueDocument::class)->invoice($business, $sale->id, 'Kim', '', 'Owner');

        return new self($sale->id, $cash->id, $refund->id, $document->id, $sale->owed());
    }
}
