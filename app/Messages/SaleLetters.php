<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Audience;
use App\Models\Occasion;
use App\Models\Payment;
use App\Models\Refund;
use App\Models\Sale;
use App\Outbox\Recipient;
use App\Payments\TellsPayer;

/** What is mailed about the money of a sale: about the visit it is for, or about the sale where there is none. */
final readonly class SaleLetters implements TellsPayer
{
    public function __construct(private WriteMail $write)
    {
    }

    public function sentBack(Sale $sale, Payment $payment): void
    {
        $this->write($sale, Occasion::SentBack, $payment->id);
    }

    public function refunded(Sale $sale, Refund $refund, string $why): void
    {
        $this->write($sale, Occasion::Refund, $refund->id, ['why' => $why]);
    }

    /**
     * @param  string  $instance what has happened to the sale: of each it is sent again
     * @param  array<string, string>  $content "why" in somebody's own words; "document" by its id
     */
    public function write(Sale $sale, Occasion $occasion, string $instance, array $content = []): void
    {
        $about = $sale->about();
        ($this->write)(new NewMail(
            about: $about,
            occasion: $occasion,
            recipient: new Recipient(Audience::Client, $about->email()),
            content: $content,
            instance: $instance,
        ));
    }
}
