<?php

declare(strict_types=1);

namespace App\Board\Http;

use App\Http\Asker;
use App\Language\Sentence;
use App\Ledger\SaleSlip;
use App\Messages\MailQuota;
use App\Messages\SaleLetters;
use App\Models\Occasion;
use App\Models\Sale;
use App\Papers\IssueDocument;
use App\Support\Given;
use App\Support\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Mails the client a link to pay, a receipt or the invoice of a sale. */
final readonly class SendSaleLetter
{
    public function __construct(
        private SaleLetters $letters,
        private IssueDocument $issue,
        private SaleSlip $slip,
        private MailQuota $quota,
    ) {
    }

    public function __invoke(Request $request, string $slug, string $id): JsonResponse
    {
        $business = Asker::business($request);
        $asked = $request->validate(['what' => 'required|in:pay_link,receipt,invoice']);
        $what = Occasion::from(Given::in($asked)->string('what'));
        $sale = Sale::query()->where('business_id', $business->id)->findOrFail($id);
        $this->send($sale, $what);

        return new JsonResponse($this->slip->of($business, $sale));
    }

    private function send(Sale $sale, Occasion $what): void
    {
        $about = $sale->about();
        $invoice = $what === Occasion::Invoice ? $this->issue->standing($sale) : null;
        $refused = match (true) {
            $about->email() === '' => 'refusal.sale.no_address',
            $what === Occasion::PayLink && $about instanceof Sale => 'refusal.sale.no_page',
            $what === Occasion::PayLink && $sale->owed() <= 0 => 'refusal.sale.nothing_due',
            $what === Occasion::Invoice && $invoice === null => 'refusal.sale.no_invoice',
            default => null,
        };
        if ($refused !== null) {
            throw new Refusal(new Sentence($refused), 409, 'not_sent');
        }
        $this->quota->check($about);
        $instance = $invoice->id ?? (string) ($sale->entries()->reorder()->latest('id')->first()->id ?? 0);
        $this->letters->write($sale, $what, $instance, ['document' => $invoice->id ?? '']);
    }
}
