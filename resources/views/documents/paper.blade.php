<!doctype html>
<html lang="{{ $language }}">
<head>
<meta charset="utf-8">
<title>{{ $title }}</title>
<style>
    @page { margin: 22mm 20mm; }
    body { font: 10pt/1.45 'DejaVu Sans', sans-serif; color: #000; }
    h1 { font-size: 17pt; margin: 9mm 0 2mm; }
    .from { text-align: right; font-size: 9pt; }
    .from b { font-size: 12pt; }
    .meta { margin: 0 0 7mm; }
    table { width: 100%; border-collapse: collapse; margin-bottom: 6mm; }
    th { text-align: left; font-size: 8.5pt; border-bottom: 0.6pt solid #000; padding: 1mm 0; }
    td { padding: 1.4mm 0; border-bottom: 0.3pt solid #999; vertical-align: top; }
    td.part { border: 0; padding: 0.3mm 0 0.3mm 5mm; font-size: 9pt; }
    .amount { text-align: right; white-space: nowrap; }
    .total td { border-top: 0.8pt solid #000; border-bottom: 0.8pt solid #000; font-weight: bold; font-size: 12pt; }
    .small { font-size: 9pt; }
</style>
</head>
<body>
    <p class="from">
        @foreach ($from as $i => $line)
            @if ($i === 0)<b>{{ $line }}</b>@else{{ $line }}@endif<br>
        @endforeach
    </p>
    @if ($to !== [])
        <p>@foreach ($to as $line){{ $line }}<br>@endforeach</p>
    @endif
    <h1>{{ $title }}</h1>
    <p class="meta">{{ $date }}@if ($takesBack !== '')<br>{{ $takesBack }}@endif</p>
    <table>
        <tr><th>{{ $words['what'] }}</th><th class="amount">{{ $words['amount'] }}</th></tr>
        @foreach ($lines as $line)
            <tr>
                <td>
                    {{ $line['label'] }}
                    @if ($line['when'] !== '')<br><span class="small">{{ $line['when'] }}</span>@endif
                </td>
                <td class="amount">{{ $line['amount'] }}</td>
            </tr>
            @foreach ($line['parts'] as $part)
                <tr><td class="part">{{ $part['label'] }}</td><td class="part amount">{{ $part['amount'] }}</td></tr>
            @endforeach
        @endforeach
        <tr class="total"><td>{{ $words['total'] }}</td><td class="amount">{{ $total }}</td></tr>
        @foreach ($after as $row)
            <tr><td>{{ $row['label'] }}</td><td class="amount">{{ $row['amount'] }}</td></tr>
        @endforeach
    </table>
    @if ($taxes !== [])
        <table class="small">
            <tr>
                <th>{{ $words['taxes'] }}</th><th class="amount">{{ $words['net'] }}</th>
                <th class="amount">{{ $words['tax_amount'] }}</th><th class="amount">{{ $words['gross'] }}</th>
            </tr>
            @foreach ($taxes as $tax)
                <tr>
                    <td>{{ $tax['rate'] }}</td><td class="amount">{{ $tax['net'] }}</td>
                    <td class="amount">{{ $tax['amount'] }}</td><td class="amount">{{ $tax['gross'] }}</td>
                </tr>
            @endforeach
        </table>
    @endif
</body>
</html>
