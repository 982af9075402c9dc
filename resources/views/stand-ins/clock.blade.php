@extends('stand-ins.layout')
@section('title', 'Clock')
@section('main')
<h1>The demonstration’s clock</h1>
<p role="status">
    @php($more = $ahead > 0 ? ", {$ahead} minutes ahead of this machine" : '')
    It is <strong>{{ $now->format('l j F Y, H:i') }}</strong> UTC{{ $more }}.
</p>
<form method="post" class="row">
    @csrf
    <button name="minutes" value="60">One hour on</button>
    <button name="minutes" value="1440">One day on</button>
    <button name="minutes" value="10080">One week on</button>
    <button name="minutes" value="{{ -$ahead }}">Back to this machine’s time</button>
</form>
@endsection
