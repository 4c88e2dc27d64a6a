@extends('print.layout')
@section('title', "Tag, call $call->number")
@section('paper')
<div style="border: 4pt solid #111; padding: 8mm; text-align: center">
    <p style="font-size: 34pt; line-height: 1.1; margin: 0"><b>{{ $report->left()->text('how') === 'condemned' ? 'DO NOT USE' : 'DO NOT SWITCH ON' }}</b></p>
    @if ($report->left()->text('must_not') !== '')
    <p style="font-size: 24pt; margin: 4mm 0"><b class="mark">{{ $report->left()->text('must_not') }}</b></p>
    @endif
    <p style="font-size: 14pt">{{ $report->left()->text('words') }}</p>
    <p style="font-size: 12pt; margin-top: 6mm">{{ $call->unit->name }}, serial {{ $call->unit->serial }}</p>
    <p style="font-size: 12pt">{{ $call->technician->name }}, {{ $shop }} · {{ $day }} · call {{ $call->number }}</p>
</div>
@if ($report->open() !== [])
<h2>Left so on purpose</h2>
<ul style="font-size: 12pt">@foreach ($report->open() as $item)<li>{{ $item->label }}: {{ $item->state }}</li>@endforeach</ul>
@endif
<p class="caution" style="font-size: 12pt">Whoever put this tag here takes it off. A tag is no lock.</p>
@endsection
