<?php

declare(strict_types=1);

namespace App\Papers;

use App\Language\Sentence;
use App\Models\Business;
use App\Models\Document;
use App\Models\Sale;
use App\Sales\SaleAct;
use App\Support\Clock;
use App\Support\Refusal;

/** Issues the invoice of a sale, or the credit note that takes one back (rules.md L5). */
final readonly class IssueDocument
{
    public const INVOICE = 'invoice';

    public const CREDIT = 'credit';

    public function __construct(
        private SaleAct $act,
        private DocumentNumbers $numbers,
        private Clock $clock,
    ) {
    }

    /** @param  string  $address of whom it is for, below their name */
    public function invoice(Business $business, string $id, string $name, string $address, string $by): Document
    {
        $issue = function (Sale $sale) use ($business, $name, $address, $by): Document {
            $content = DocumentContent::of($business, $sale, $name, $address);
            if ($this->standing($sale) !== null || $content->total <= 0) {
                throw new Refusal(
                    new Sentence($content->total > 0 ? 'refusal.sale.has_invoice' : 'refusal.sale.nothing_to_invoice'),
                    409,
                    'too_late',
                );
            }

            return $this->write(
                business: $business,
                sale: $sale,
                kind: self::INVOICE,
                content: $content,
                of: null,
                by: $by,
            );
        };

        return $this->issued($business, $id, $issue);
    }

    public function credit(Business $business, string $id, string $invoice, string $by): Document
    {
        $issue = function (Sale $sale) use ($business, $invoice, $by): Document {
            $of = $this->standing($sale);
            if ($of === null || $of->id !== $invoice) {
                throw new Refusal(new Sentence('refusal.sale.no_invoice'), 409, 'too_late');
            }
            $content = DocumentContent::read($of->content)->takenBack($of->written());

            return $this->write(
                business: $business,
                sale: $sale,
                kind: self::CREDIT,
                content: $content,
                of: $of->id,
                by: $by,
            );
        };

        return $this->issued($business, $id, $issue);
    }

    /** The invoice of a sale that no credit note has taken back. */
    public function standing(Sale $sale): ?Document
    {
        $documents = $sale->documents()->get();

        return $documents
            ->where('kind', self::INVOICE)
            ->whereNotIn('id', $documents->pluck('of')->filter())
            ->last();
    }

    /** @param  callable(Sale): Document  $issue */
    private function issued(Business $business, string $id, callable $issue): Document
    {
        $document = null;
        ($this->act)($business, $id, null, static function (Sale $sale) use ($issue, &$document): void {
            $document = $issue($sale);
        });
        assert($document instanceof Document);

        return $document;
    }

    private function write(
        Business $business,
        Sale $sale,
        string $kind,
        DocumentContent $content,
        ?string $of,
        string $by,
    ): Document {
        $at = $this->clock->now();
        $year = (int) $at->setTimezone($business->time_zone)->format('Y');

        return $sale->documents()->create([
            'business_id' => $business->id,
            'kind' => $kind,
            'year' => $year,
            'number' => $this->numbers->next($business->id, $kind, $year),
            'of' => $of,
            'content' => $content->toArray(),
            'by' => $by,
            'at' => $at,
        ]);
    }
}
