@extends('stand-ins.layout')
@section('title', $mail['subject'])
@section('main')
<p><a href="/stand-ins/mailbox">All mail</a></p>
<h1>{{ $mail['subject'] }}</h1>
<p>To {{ $mail['to'] }}, from {{ $mail['from'] }}</p>
<pre>{!! preg_replace('#https?://[^\s<]+#', '<a href="$0">$0</a>', e($mail['text'])) !!}</pre>
@if ($mail['calendar'] !== null)
    <p><a href="/stand-ins/mailbox/{{ $mail['id'] }}/calendar">booking.ics</a> ({{ $mail['method'] }})</p>
    <pre>{{ $mail['calendar'] }}</pre>
@endif
@endsection
