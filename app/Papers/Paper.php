<?php

declare(strict_types=1);

namespace App\Papers;

use App\Language\Catalogue;
use App\Models\Business;
use App\Models\Document;
use App\Models\Payment;
use App\Models\PaymentKind;
use App\Models\PaymentMethod;
use App\Models\PaymentState;
use App\Models\Refund;
use App\Models\RefundState;
use App\Models\Sale;
use App\Payments\ReturnTip;
use App\Sales\Handed;
use App\Support\Instants;
use App\Support\LocalTime;
use App\Support\Money;
use Carbon\CarbonImmutable;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\Factory;

/**
 * Receipts, invoices and credit notes as PDF: their text can be selected, and they need no colour (rules.md L5). In the
 * language of the catalogue.
 *
 * @phpstan-type Row array{label: string, amount: string}
 */
final readonly class Paper
{
    public function __construct(private Catalogue $catalogue, private Factory $views)
    {
    }

    public function document(Business $business, Document $document): string
    {
        $content = DocumentContent::read($document->content);
        $paid = $document->kind === IssueDocument::CREDIT || $content->paid === 0
            ? []
            : [
                $this->row('paid', $content->paid, $content->currency),
                $this->row('due', $content->total - $content->paid, $content->currency),
            ];
        $title = $this->say('title', ['kind' => $document->kind, 'number' => $document->written()]);

        return $this->printed(business: $business, content: $content, title: $title, at: $document->at, after: $paid);
    }

    /** What was sold, paid and given back by now. It has no number. */
    public function receipt(Business $business, Sale $sale, CarbonImmutable $now): string
    {
        $content = DocumentContent::of($business, $sale, $sale->name, '');
        $rows = [];
        foreach ($sale->payments as $payment) {
            if ($payment->state === PaymentState::Paid && $payment->kind !== PaymentKind::Card) {
                array_push($rows, ...$this->payment($business, $payment));
            }
        }
        foreach ($sale->refunds as $refund) {
            if ($refund->state !== RefundState::Stopped) {
                $rows[] = $this->refund($business, $refund);
            }
        }
        if ($content->total > $content->paid) {
            $rows[] = $this->row('due', $content->total - $content->paid, $sale->currency);
        }
        if ($content->total < $content->paid) {
            $rows[] = $this->row('still_to_refund', $content->paid - $content->total, $sale->currency);
        }

        $title = $this->say('title', ['kind' => 'receipt', 'number' => '']);

        return $this->printed(business: $business, content: $content, title: $title, at: $now, after: $rows);
    }

    /** @param  list<Row>  $after the total */
    private function printed(
        Business $business,
        DocumentContent $content,
        string $title,
        CarbonImmutable $at,
        array $after,
    ): string {
        $money = static fn (int $amount): string => Money::written($amount, $content->currency);
        $isIncluded = in_array(true, array_column($content->taxes, 'included'), true);
        $words = ['taxes' => $this->say($isIncluded ? 'tax_included' : 'tax_by_rate')];
        foreach (['what', 'amount', 'total', 'net', 'tax_amount', 'gross'] as $word) {
            $words[$word] = $this->say($word);
        }
        $html = $this->views->make('documents.paper', [
            'language' => $this->catalogue->locale(),
            'title' => $title,
            'from' => $this->sender($content),
            'to' => array_values(array_filter(explode("\n", $content->to))),
            'date' => $this->date($business, $at),
            'takesBack' => $content->of === '' ? '' : $this->say('takes_back', ['number' => $content->of]),
            'words' => $words,
            'lines' => array_map(
                fn (array $line): array => [
                    'label' => $this->label($line['label']),
                    'when' => $line['at'] === ''
                        ? ''
                        : $this->catalogue->sentence(
                            LocalTime::written(CarbonImmutable::parse($line['at']), $business),
                        ),
                    'amount' => $money($line['amount']),
                    'parts' => array_map(
                        fn (array $part): array => [
                            'label' => $this->say('part', ['kind' => $part['kind'], 'label' => $part['label'],
                                'count' => $part['count']]),
                            'amount' => $money($part['amount']),
                        ],
                        $line['parts'],
                    ),
                ],
                $content->lines,
            ),
            'total' => $money($content->total),
            'after' => $after,
            'taxes' => array_map(
                fn (array $tax): array => [
                    'rate' => "{$tax['name']} {$this->say('tax', ['rate' => $tax['percent']])}",
                    'net' => $money($tax['net']),
                    'amount' => $money($tax['amount']),
                    'gross' => $money($tax['net'] + $tax['amount']),
                ],
                $content->taxes,
            ),
        ]);

        return self::pdf($html->render());
    }

    /** @return list<string> */
    private function sender(DocumentContent $content): array
    {
        $number = $content->taxNumber;

        return [
            ...explode("\n", $content->from),
            ...$number === '' ? [] : [$this->say('tax_number', ['number' => $number])],
        ];
    }

    private static function pdf(string $html): string
    {
        $options = new Options();
        $options->setIsRemoteEnabled(false);
        $options->setTempDir(sys_get_temp_dir());
        $options->setFontCache(sys_get_temp_dir());
        $options->setDefaultPaperSize('a4');
        $pdf = new Dompdf($options);
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }

    /** @return list<Row> */
    private function payment(Business $business, Payment $payment): array
    {
        $currency = $payment->currency;
        $handed = Handed::of($payment);
        $rows = [$this->moved(
            code: 'paid_by',
            business: $business,
            method: $payment->method,
            currency: $currency,
            at: $handed->at,
            amount: $payment->amount,
        )];
        $tip = $payment->tip - ReturnTip::back($payment);
        if ($tip > 0) {
            $rows[] = $this->row('tip', $tip, $currency);
        }
        if ($handed->change + $handed->kept > 0) {
            $rows[] = $this->row('given', (int) $payment->given, $currency);
            foreach (array_filter(['change' => $handed->change, 'kept_as_credit' => $handed->kept]) as $word => $rest) {
                $rows[] = $this->row($word, $rest, $currency);
            }
        }

        return $rows;
    }

    /** @return Row */
    private function refund(Business $business, Refund $refund): array
    {
        $code = in_array($refund->state, RefundState::UNDERWAY, true) ? 'on_its_way_by' : 'given_back_by';

        return $this->moved(
            code: $code,
            business: $business,
            method: $refund->method(),
            currency: $refund->payment->currency,
            at: $refund->at(),
            amount: -$refund->amount,
        );
    }

    /** @return Row */
    private function moved(
        string $code,
        Business $business,
        PaymentMethod $method,
        string $currency,
        ?CarbonImmutable $at,
        int $amount,
    ): array {
        $label = $this->say($code, [
            'way' => $this->say('way', ['way' => $method->value]),
            'date' => $at === null ? '' : $this->date($business, $at),
        ]);

        return ['label' => $label, 'amount' => Money::written($amount, $currency)];
    }

    /** @return Row */
    private function row(string $word, int $amount, string $currency): array
    {
        return ['label' => $this->say($word), 'amount' => Money::written($amount, $currency)];
    }

    /** A line that has words of the catalogue has them as text; all others are as somebody wrote them. */
    private function label(string $label): string
    {
        return str_starts_with($label, 'document.line.') ? $this->catalogue->text($label) : $label;
    }

    private function date(Business $business, CarbonImmutable $at): string
    {
        return LocalTime::date($business->zone()->day(Instants::minute($at)));
    }

    /** @param  array<string, int|string>  $parameters */
    private function say(string $word, array $parameters = []): string
    {
        return $this->catalogue->say("document.{$word}", $parameters);
    }
}
