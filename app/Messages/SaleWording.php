<?php

declare(strict_types=1);

namespace App\Messages;

use App\Language\Catalogue;
use App\Models\OutboxEntry;
use App\Models\Sale;
use App\Support\Money;

/** The shipped wording of what is mailed about a sale that has no booking. */
final readonly class SaleWording
{
    public function __construct(private Catalogue $catalogue, private Papers $papers)
    {
    }

    public function letter(OutboxEntry $entry, Sale $sale): Letter
    {
        $business = $sale->business;
        $hello = $sale->client?->proven_at === null
            ? $this->catalogue->say('mail.hello_nobody')
            : $this->catalogue->say('mail.hello', ['name' => $sale->name]);
        $paragraphs = array_filter([
            "{$hello},\n\n{$this->catalogue->say("mail.client.{$entry->occasion->value}")}",
            $entry->text('why') === '' ? '' : "\"{$entry->text('why')}\"",
            $this->standing($sale),
            implode("\n", array_filter([$business->name, $business->phone, $business->email])),
        ]);
        $papers = $this->papers->with($entry, $sale);

        return new Letter(
            key: $entry->key,
            to: $entry->recipient,
            fromName: $business->name,
            subject: $this->catalogue->say("mail.sale.{$entry->occasion->value}", ['business' => $business->name]),
            text: implode("\n\n", $paragraphs)."\n",
            paper: $papers['paper'] ?? null,
            paperName: $papers['paperName'] ?? '',
            replyTo: $business->email,
        );
    }

    private function standing(Sale $sale): string
    {
        $owed = $sale->owed();
        $written = static fn (int $amount): string => Money::written($amount, $sale->currency);

        return $this->catalogue->say('mail.sale.standing', [
            'total' => $written($sale->total()),
            'due' => $written(abs($owed)),
            'state' => match (true) {
                $owed > 0 => 'due',
                $owed < 0 => 'back',
                default => 'paid',
            },
        ]);
    }
}
