@extends('stand-ins.layout')
@section('title', 'Pay '.$amount)
@section('main')
<h1>Pay {{ $amount }}</h1>
<p>{{ $checkout->description }}</p>
<form method="post" action="/stand-ins/processor/pay/{{ $checkout->id }}">
    @csrf
    @if ($checkout->state === 'second_step')
        <p role="status">Your bank asks: is it you who is paying {{ $amount }}?</p>
        <input type="hidden" name="card" value="{{ $checkout->card }}">
        <input type="hidden" name="step" value="1">
        <button type="submit" id="step">Yes, it is me</button>
    @else
        @if ($declined)
            <p role="alert" class="wrong">This card was declined. Nothing was taken; try another card.</p>
        @endif
        <label for="card">Card number</label>
        <input id="card" name="card" inputmode="numeric" autocomplete="off" required maxlength="30">
        <button type="submit" id="pay">Pay {{ $amount }}</button>
    @endif
</form>
<p><a id="back" href="{{ $checkout->return_url }}">Go back without paying</a></p>
<h2>Cards of this stand-in</h2>
<dl>
@foreach ($cards as $number => $what)
    <dt>{{ $number }}</dt><dd>{{ $what }}</dd>
@endforeach
</dl>
@endsection
