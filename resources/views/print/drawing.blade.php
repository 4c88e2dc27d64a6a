@extends('print.layout')
@section('title', $circuit->title)
@section('foot', "$circuit->title, $circuit->supply · revision $number")
@section('paper')
<div class="head">
    <h1>{{ $circuit->title }}</h1>
    <p>{{ $circuit->supply }} · revision {{ $number }} · {{ count($rungs) }} rungs</p>
</div>
@php($section = null)
@foreach ($rungs as $rung)
<div style="page-break-inside: avoid">
@if ($section !== $rung['section'])
    <h2>{{ $section = $rung['section'] }}</h2>
@endif
    <p>
        <b>Rung {{ $rung['number'] }}</b>
@if ($rung['feeds'] !== [])
        · fed by {{ implode(', ', $rung['feeds']) }}
@endif
    </p>
    <img src="{{ $rung['picture'] }}" style="width: 100%" alt="">
</div>
@endforeach
@endsection
