@extends('print.layout')
@section('title', "Swap list, call $call->number")
@section('paper')
<h1>{{ $list->label }} {{ $list->part }}: wire for wire</h1>
<p>{{ $call->unit->name }}, serial {{ $call->unit->serial }} · {{ $shop }} · {{ $day }} · call {{ $call->number }}</p>
<table>
    <tr><th></th><th>off</th><th>wire</th><th>its other end</th><th>on to</th></tr>
    @foreach ($list->leads as $lead)
    <tr>
        <td style="width: 9mm; height: 9mm; border: 1pt solid #111">{{ $lead->movedTo === null ? '' : 'x' }}</td>
        <td><b>{{ $lead->terminal }}</b></td>
        <td>{{ $lead->colour }}, {{ $lead->gauge }} AWG</td>
        <td>{{ $lead->far }}</td>
        <td style="width: 30mm; border-bottom: 1pt solid #111">{{ $lead->movedTo ?? '' }}</td>
    </tr>
    @endforeach
</table>
<p class="caution">One wire at a time, on a circuit proved dead. Take a photograph before the first one. Capacitors hold charge.</p>
@endsection
