@extends('stand-ins.layout')
@section('title', 'Payment processor')
@section('main')
<h1>Payment processor</h1>
<form method="post" action="/stand-ins/processor/payouts">
    @csrf
    <button type="submit" id="pay-out">Pay out what has come and gone</button>
</form>
<table>
    @foreach ($checkouts as $checkout)
        <tr>
            <td>{{ $checkout->description }}</td>
            <td>{{ \App\Support\Money::written((int) $checkout->amount, $checkout->currency) }}</td>
            <td>{{ $checkout->state }}{{ $checkout->dispute === '' ? '' : ', dispute: '.$checkout->dispute }}</td>
            <td>
                @php($next = $checkout->state === 'paid' ? $checkout->dispute : 'none')
                @foreach ($disputes[$next] ?? [] as $state => $words)
                    <form method="post" action="/stand-ins/processor/checkouts/{{ $checkout->id }}/dispute">
                        @csrf
                        <input type="hidden" name="state" value="{{ $state }}">
                        <button type="submit">{{ $words }}</button>
                    </form>
                @endforeach
            </td>
        </tr>
    @endforeach
</table>
@endsection
