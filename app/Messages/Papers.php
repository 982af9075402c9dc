<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Booking;
use App\Models\Document;
use App\Models\Occasion;
use App\Models\OutboxEntry;
use App\Models\Sale;
use App\Papers\Paper;
use App\Support\Clock;

/** The paper that goes with a letter about money: a receipt or an invoice. */
final readonly class Papers
{
    public function __construct(private Paper $paper, private Clock $clock)
    {
    }

    /** @return array{paper?: string, paperName?: string} */
    public function with(OutboxEntry $entry, Booking|Sale $about): array
    {
        $business = $about->business;
        if ($entry->occasion === Occasion::Receipt) {
            $sale = $about instanceof Sale ? $about : $about->sale()->firstOrFail();

            return [
                'paper' => $this->paper->receipt($business, $sale, $this->clock->now()),
                'paperName' => Occasion::Receipt->value,
            ];
        }
        if ($entry->occasion === Occasion::Invoice) {
            $document = Document::query()->findOrFail($entry->text('document'));

            return ['paper' => $this->paper->document($business, $document), 'paperName' => $document->written()];
        }

        return [];
    }
}
