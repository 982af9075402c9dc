<?php

declare(strict_types=1);

namespace App\Papers;

use App\Models\Booking;
use App\Models\Business;
use App\Models\Sale;
use App\Models\SaleLine;
use App\Models\SaleLineKind;
use App\Sales\SaleTaxes;
use App\Support\Given;

/**
 * What an invoice, a credit note or a receipt says: from whom, to whom, what for, the tax by rate, what was paid. Kept
 * as it was issued.
 *
 * @phpstan-type Part array{kind: string, label: string, amount: int, count: int}
 * @phpstan-type Row array{label: string, at: string, amount: int, parts: list<Part>}
 * @phpstan-type Tax array{name: string, percent: string, included: bool, net: int, amount: int}
 */
final class DocumentContent
{
    /** Lines that are said in the catalogue's words. */
    private const WORDED = [
        SaleLineKind::Fee, SaleLineKind::NoShow, SaleLineKind::Waived, SaleLineKind::Discount, SaleLineKind::Code,
    ];

    /**
     * @param  string  $from the business's name and address, a line each
     * @param  string  $to likewise
     * @param  string  $taxNumber of the business; may be empty
     * @param  list<Row>  $lines "at" is the start of a visit, as an instant; else empty
     * @param  list<Tax>  $taxes
     * @param  string  $of the number of the invoice that is taken back; else empty
     */
    private function __construct(
        public readonly string $from,
        public readonly string $to,
        public readonly string $taxNumber,
        public readonly string $currency,
        public readonly array $lines,
        public readonly array $taxes,
        public readonly int $total,
        public readonly int $paid,
        public readonly string $of,
    ) {
    }

    public static function of(Business $business, Sale $sale, string $name, string $address): self
    {
        $lines = self::lines($sale);
        $total = array_sum(array_column($lines, 'amount'));

        return new self(
            from: self::sender($business),
            to: trim("{$name}\n{$address}"),
            taxNumber: $business->tax_number,
            currency: $sale->currency,
            lines: $lines,
            taxes: SaleTaxes::of($sale->lines),
            total: $total,
            paid: $total - $sale->owed(),
            of: '',
        );
    }

    /** @param  array<string, mixed>  $kept */
    public static function read(array $kept): self
    {
        $given = Given::in($kept);
        /** @var list<Row> $lines */
        $lines = $kept['lines'] ?? [];
        /** @var list<Tax> $taxes */
        $taxes = $kept['taxes'] ?? [];

        return new self(
            from: $given->string('from'),
            to: $given->string('to'),
            taxNumber: $given->string('taxNumber'),
            currency: $given->string('currency'),
            lines: $lines,
            taxes: $taxes,
            total: $given->int('total'),
            paid: $given->int('paid'),
            of: $given->string('of'),
        );
    }

    /** The same with every amount the other way round. */
    public function takenBack(string $invoice): self
    {
        $less = static fn (array $row): array => [...$row, 'amount' => -$row['amount']];
        /** @var list<Row> $lines */
        $lines = array_map(
            static fn (array $row): array => [...$less($row), 'parts' => array_map($less, $row['parts'])],
            $this->lines,
        );
        /** @var list<Tax> $taxes */
        $taxes = array_map(static fn (array $tax): array => [...$less($tax), 'net' => -$tax['net']], $this->taxes);

        return new self(
            from: $this->from,
            to: $this->to,
            taxNumber: $this->taxNumber,
            currency: $this->currency,
            lines: $lines,
            taxes: $taxes,
            total: -$this->total,
            paid: 0,
            of: $invoice,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    private static function sender(Business $business): string
    {
        $place = $business->locations()->where('online', false)->orderBy('position')->orderBy('id')->first();

        return implode("\n", array_filter([
            $business->name,
            $place->address ?? '',
            $business->phone,
            $business->email,
        ]));
    }

    /** @return list<Row> without visits that were taken off again */
    private static function lines(Sale $sale): array
    {
        $off = $sale->lines->where('kind', SaleLineKind::TakenOff)->countBy('booking_id');
        $bookings = $sale->bookings->keyBy('id');
        [$rows, $met] = [[], []];
        foreach ($sale->lines as $line) {
            $visit = (string) $line->booking_id;
            if ($line->kind === SaleLineKind::Booking) {
                $met[$visit] = ($met[$visit] ?? 0) + 1; // one taken off again, or taken after all, stands here twice
                if ($met[$visit] > ($off[$visit] ?? 0)) {
                    $rows[] = self::row($line, $bookings->get($visit));
                }
            } elseif ($line->kind !== SaleLineKind::TakenOff) {
                $rows[] = self::row($line, null);
            }
        }

        return $rows;
    }

    /** @return Row */
    private static function row(SaleLine $line, ?Booking $booking): array
    {
        $parts = [];
        $more = ($booking->party ?? 1) - 1;
        foreach ($booking === null || count($booking->lines) < 2 ? [] : $booking->lines as $part) {
            $parts[] = [
                'kind' => $part['kind'],
                'label' => $part['label'],
                'amount' => $part['amount'],
                'count' => $part['quantity'] ?? ($part['kind'] === 'people' ? $more : 1),
            ];
        }

        return [
            'label' => in_array($line->kind, self::WORDED, true)
                ? "document.line.{$line->kind->value}?".http_build_query(['label' => $line->label, 'why' => $line->why])
                : $line->label,
            'at' => $booking?->starts_at->format('Y-m-d\TH:i\Z') ?? '',
            'amount' => $line->amount,
            'parts' => $parts,
        ];
    }
}
