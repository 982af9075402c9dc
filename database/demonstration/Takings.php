<?php

declare(strict_types=1);

namespace Database\Demonstration;

use App\Bookings\CancelBooking;
use App\Bookings\Cancelling;
use App\Bookings\History;
use App\Ledger\CloseDay;
use App\Ledger\Count;
use App\Ledger\DayFigures;
use App\Models\Booking;
use App\Models\Business;
use App\Models\Client;
use App\Models\Payment;
use App\Models\PaymentMethod;
use App\Models\PaymentState;
use App\Models\Refund;
use App\Models\Sale;
use App\Papers\IssueDocument;
use App\Payments\DeskPayment;
use App\Payments\FetchPayouts;
use App\Payments\RecordPayment;
use App\Payments\SettleRefund;
use App\Payments\TakeMoney;
use App\Processor\ProcessorPayout;
use App\Sales\SellBooking;
use App\Support\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use YardBell\Core\Booking\State;

/** What the fortnight's visits were sold for and how they were paid: by link, in cash, by card, in parts, not yet. */
final class Takings
{
    private const BY = 'Alva Lindqvarn';

    private int $visit = 0;

    public function __construct(
        private readonly SellBooking $sell,
        private readonly RecordPayment $takeIn,
        private readonly TakeMoney $take,
        private readonly CloseDay $close,
        private readonly DayFigures $figures,
        private readonly IssueDocument $issue,
        private readonly CancelBooking $cancel,
        private readonly SettleRefund $refund,
        private readonly FetchPayouts $payouts,
        private readonly ConnectionInterface $db,
        private readonly Clock $clock,
    ) {
    }

    /** @param  int  $ahead what was paid when booking, minor unit */
    public function of(Business $business, Booking $booking, int $ahead, CarbonImmutable $made): void
    {
        $sale = ($this->sell)($booking, History::BY_CLIENT, $made);
        if ($ahead > 0) {
            $payment = $sale->payments()->create([
                'business_id' => $business->id,
                'amount' => $ahead,
                'currency' => $sale->currency,
                'checkout' => "co_{$booking->id}",
            ]);
            $this->atTheProcessor($payment, $made);
            ($this->takeIn)($payment->id, $made);
        }
        if ($booking->state === State::Completed) {
            $this->atTheDesk($business, $sale, $booking->endsAt());
        }
    }

    /** The stand-in knows it, so that it can go back. */
    private function atTheProcessor(Payment $payment, CarbonImmutable $at): void
    {
        $this->db->table('stand_in_checkouts')->insert([
            'id' => $payment->checkout,
            'key' => "payment-{$payment->id}",
            'amount' => $payment->amount,
            'currency' => $payment->currency,
            'description' => 'Quernmoor Clay Yard',
            'return_url' => '',
            'notify_url' => '',
            'keeps_card' => false,
            'state' => 'paid',
            'created_at' => $at->format('Y-m-d H:i:s'),
        ]);
    }

    /** Yesterday's, with a coin too little. */
    public function close(Business $business): void
    {
        $evening = $this->clock->now()->setTimezone($business->time_zone)->subDay()->setTime(19, 0)->utc();
        $drawer = $this->figures->drawer($business);
        $banked = intdiv(max(0, $drawer - 5000), 1000) * 1000;
        ($this->close)(
            $business,
            new Count(max(0, $drawer - 200), $banked, 'Counted twice: a two-euro coin is missing.'),
            $drawer,
            self::BY,
            $evening,
        );
    }

    /** Invoices, a refund: what a week leaves behind. */
    public function week(Business $business): void
    {
        $paid = Sale::query()
            ->where('business_id', $business->id)
            ->whereHas('payments', static fn ($payments) => $payments->where('method', 'card'))
            ->orderBy('id')
            ->limit(3)
            ->get();
        foreach ($paid as $sale) {
            $this->issue->invoice($business, $sale->id, $sale->name, '4 Quay Row, Quernmoor', self::BY);
        }
        $this->ownPrice($business);
        $this->payOut($business);
        $this->callOff($business);
    }

    /** One who has come for years pays as in the first of them. */
    private function ownPrice(Business $business): void
    {
        $service = $business->services()->where('name', 'Wheel lesson')->first();
        if ($service !== null) {
            Client::query()
                ->where('business_id', $business->id)
                ->where('name', 'Rosa Mendal')
                ->update(['rates' => json_encode([['service' => $service->id, 'amount' => 4000]])]);
            Business::rulesChanged($business->id);
        }
    }

    /** What came by the processor up to yesterday is in the bank, less its fees. */
    private function payOut(Business $business): void
    {
        $yesterday = $this->clock->now()->subDay();
        $paid = Payment::query()
            ->where('business_id', $business->id)
            ->where('method', PaymentMethod::Processor)
            ->where('state', PaymentState::Paid)
            ->whereIn('sale_id', Sale::query()->where('created_at', '<', $yesterday)->select('id'))
            ->get();
        $items = $paid->map(static fn (Payment $payment): array => [
            'checkout' => (string) $payment->checkout,
            'amount' => $payment->amount,
            'fee' => intdiv($payment->amount * 14 + 500, 1000) + 25,
        ]);
        $this->payouts->book(new ProcessorPayout('po_before', $yesterday, array_values($items->all())));
    }

    /** One who paid when booking cannot be taken after all: the money has gone back. */
    private function callOff(Business $business): void
    {
        $booking = Booking::query()
            ->where('business_id', $business->id)
            ->where('state', State::Confirmed)
            ->where('starts_at', '>', $this->clock->now()->addDays(3))
            ->whereHas('payments', static fn ($payments) => $payments->where('state', 'paid'))
            ->orderBy('starts_at')
            ->first();
        if ($booking === null) {
            return;
        }
        $why = 'The glaze bench is being mended that day.';
        ($this->cancel)($business->id, $booking->id, new Cancelling(self::BY, why: $why));
        $refunds = Refund::query()->where('sale_id', $booking->sale_id)->get();
        $this->db->table('outbox')->where('business_id', $business->id)->where('channel', 'refund')->delete();
        foreach ($refunds as $refund) {
            $this->refund->done($refund->id);
        }
    }

    private function atTheDesk(Business $business, Sale $sale, CarbonImmutable $at): void
    {
        $due = $sale->owed();
        $turn = $this->visit++ % 8;
        if ($due <= 0 || $turn === 5) {
            return; // paid ahead, or not paid yet
        }
        $cash = static fn (int $amount, int $tip = 0): DeskPayment => new DeskPayment(
            PaymentMethod::Cash,
            $amount,
            $tip,
            (int) (ceil(($amount + $tip) / 500) * 500),
        );
        $takings = match ($turn) {
            0, 3 => [$cash($due)],
            2 => [$cash($due, 300)],
            4 => [$cash(intdiv($due, 2)), new DeskPayment(PaymentMethod::Card, $due - intdiv($due, 2))],
            6 => [new DeskPayment(PaymentMethod::Card, $due, 500)],
            7 => [$cash(intdiv($due, 2))],
            default => [new DeskPayment(PaymentMethod::Card, $due)],
        };
        foreach ($takings as $taking) {
            $this->take->take($business, $sale, $taking, self::BY, $at);
        }
    }
}
