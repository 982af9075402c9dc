@extends('stand-ins.layout')
@section('title', 'Meeting room')
@section('main')
<h1>Meeting room {{ $id }}</h1>
<p>Here people would see and hear each other. Nobody else is in the room.</p>
@endsection
