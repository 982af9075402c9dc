@extends('stand-ins.layout')
@section('title', 'Mailbox')
@section('main')
<h1>Mailbox</h1>
<form method="get">
    <label for="to">Only mail to</label> <input id="to" name="to" type="email" value="{{ $to }}">
    <button type="submit">Show</button>
</form>
@if ($mails === [])
    <p>No mail yet. It is laid down here as soon as something is sent.</p>
@else
<table>
    <thead><tr><th scope="col">To</th><th scope="col">Subject</th><th scope="col">From</th></tr></thead>
    <tbody>
    @foreach ($mails as $mail)
        <tr>
            <td>{{ $mail['to'] }}</td>
            <td><a href="/stand-ins/mailbox/{{ $mail['id'] }}">{{ $mail['subject'] }}</a></td>
            <td>{{ $mail['from'] }}</td>
        </tr>
    @endforeach
    </tbody>
</table>
@endif
@endsection
