@extends('stand-ins.layout')
@section('title', $what)
@section('main')
<h1>{{ $what }}</h1>
<p>{{ $checkout->description }}</p>
@if ($keeps)
    <p>Nothing is charged now. The shop may charge this card later, as its terms say.</p>
@endif
<form method="post" action="/stand-ins/processor/pay/{{ $checkout->id }}">
    @csrf
    @if ($checkout->state === 'second_step')
        <p role="status">Your bank asks: is it you? {{ $what }}</p>
        <input type="hidden" name="card" value="{{ $checkout->card }}">
        <input type="hidden" name="step" value="1">
        <button type="submit" id="step">Yes, it is me</button>
    @else
        @if ($declined)
            <p role="alert" class="wrong">This card was declined. Nothing was taken; try another card.</p>
        @endif
        <label for="card">Card number</label>
        <input id="card" name="card" inputmode="numeric" autocomplete="off" required maxlength="30">
        <button type="submit" id="pay">{{ $what }}</button>
    @endif
</form>
<p><a id="back" href="{{ $checkout->return_url }}">Go back without {{ $keeps ? 'a card' : 'paying' }}</a></p>
<h2>Cards of this stand-in</h2>
<dl>
@foreach ($cards as $number => $what)
    <dt>{{ $number }}</dt><dd>{{ $what }}</dd>
@endforeach
</dl>
@endsection
