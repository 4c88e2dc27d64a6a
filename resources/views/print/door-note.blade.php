@extends('print.layout')
@section('title', "Note for the unit, call $call->number")
@section('paper')
<div class="head">
    <h1>For whoever opens this next</h1>
    <p>{{ $call->unit->name }} · {{ $call->unit->maker }} {{ $call->unit->model }}, serial {{ $call->unit->serial }}</p>
    <p>{{ $day }} · {{ $call->technician->name }}, {{ $shop }} · call {{ $call->number }}</p>
</div>
<div style="font-size: 12pt">
    @foreach ($report->findings() as $finding)<p>Found: <b class="mark">{{ $finding }}</b></p>@endforeach
    @foreach ($report->done() as $line)<p>{{ $line }}</p>@endforeach
    @if ($report->left() !== null && $report->left()->text('must_not') !== '')
    <p class="caution"><b>Do not switch on: {{ $report->left()->text('must_not') }}.</b></p>
    @endif
    @foreach ($report->open() as $item)<p>Left: {{ $item->label }}, {{ $item->state }}.</p>@endforeach
    @foreach ($report->failingNext() as $line)<p>Watch: {{ $line }}</p>@endforeach
</div>
@if ($report->loads() !== [])
<h2>Drew, panels on</h2>
<p>
    @foreach ($report->loads() as $load)
    @if ($load->measured !== null){{ $load->part->label }} {{ sprintf('%.2f', $load->measured->number('value')) }} A (plate {{ $load->plate ?? '–' }} A). @endif
    @endforeach
</p>
@endif
<p class="caution">Capacitors hold charge. One pole of a contactor may stay live. Prove it dead before you touch it.</p>
@endsection
