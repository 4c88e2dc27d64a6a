@extends('print.layout')
@section('title', "Call $call->number")
@section('paper')
<table class="head"><tr>
    <td style="border: 0">
        <h1>{{ $call->unit->name }}</h1>
        <p>{{ $call->unit->site->name }}, {{ $call->unit->site->address }} · {{ $call->unit->place }}</p>
        <p>{{ $call->unit->maker }} {{ $call->unit->model }}, serial {{ $call->unit->serial }}</p>
    </td>
    <td style="border: 0; text-align: right">
        <p><b>{{ $shop }}</b></p>
        <p>Call {{ $call->number }} · {{ $day }}</p>
        <p>{{ $call->technician->name }}</p>
    </td>
</tr></table>

@if ($report->findings() !== [])
<p style="font-size: 12pt"><b class="mark">{{ implode('; ', $report->findings()) }}</b></p>
@endif
@foreach (explode("\n", $report->told()) as $line)
<p>{{ $line }}</p>
@endforeach

@if ($report->left() !== null)
<div class="caution">
    <p><b>Not finished.</b> {{ $report->left()->text('words') }}</p>
    @if ($report->left()->text('must_not') !== '')<p><b>Do not switch on: {{ $report->left()->text('must_not') }}.</b></p>@endif
</div>
@endif

@if ($rungs !== [])
<h2>Where it was</h2>
@foreach ($rungs as $rung)
<img src="{{ $rung }}" style="width: 100%" alt="">
@endforeach
@endif

@if ($report->loads() !== [])
<h2>What each load draws</h2>
<table>
    <tr><th>Load</th><th class="figure">plate</th><th class="figure">before</th><th class="figure">measured</th><th>verdict</th></tr>
    @foreach ($report->loads() as $load)
    <tr>
        <td>{{ $load->part->label }}</td>
        <td class="figure">{{ $amps($load->plate) }}</td>
        <td class="figure">{{ $amps($load->before?->number('value')) }}</td>
        <td class="figure">{{ $amps($load->measured?->number('value')) }}</td>
        <td @class(['bad' => $load->isFaulted()])>{{ $load->judged?->text('headline') }}</td>
    </tr>
    @endforeach
</table>
@endif

@if ($report->failingNext() !== [])
<h2>What may fail next</h2>
<ul>@foreach ($report->failingNext() as $line)<li>{{ $line }}</li>@endforeach</ul>
@endif

@if ($report->readings() !== [])
<h2>Read, seen and felt</h2>
<table class="small">
    @foreach ($report->readings() as $line)
    <tr>
        <td style="width: 9mm">{{ $when($line->at) }}</td>
        <td>{{ $line->what }}</td>
        <td class="figure">{{ $line->shown }}</td>
        <td>{{ $line->judged }}</td>
    </tr>
    @endforeach
</table>
@endif

@if ($report->photos() !== [])
<h2>Photographs</h2>
<table>
    @foreach (array_chunk($report->photos(), 3) as $row)
    <tr>
        @foreach ($row as $photo)
        <td style="border: 0; width: 33%">
            @if ($picture($photo->text('photo')) !== null)<img src="{{ $picture($photo->text('photo')) }}" style="width: 56mm" alt="">@endif
            <br>{{ trim($photo->text('label').' '.$photo->text('words')) }}
        </td>
        @endforeach
    </tr>
    @endforeach
</table>
@endif

@if ($report->jumpers() !== [] || $report->waived() !== [] || $report->open() !== [])
<h2>Passed over, and left open</h2>
<ul>
    @foreach ($report->jumpers() as $jumper)
    <li>Jumper {{ $jumper->from }} – {{ $jumper->to }}, {{ $jumper->reason }}: on for
        {{ $jumper->seconds === null ? 'nobody knows how long' : sprintf('%d min %02d s', intdiv((int) $jumper->seconds, 60), (int) $jumper->seconds % 60) }}.</li>
    @endforeach
    @foreach ($report->waived() as $contact)<li>{{ ucfirst($contact->contact->value) }}, passed over: {{ $contact->waived }}.</li>@endforeach
    @foreach ($report->open() as $item)<li>{{ $item->label }}: {{ $item->state }}{{ $item->isLeft ? ', left so on purpose' : '' }}.</li>@endforeach
</ul>
@endif

@if ($report->tellings() !== [])
<h2>Told</h2>
@foreach ($report->tellings() as $told)
<p>{{ $when($told->at) }} {{ $told->text('who') }}@if ($told->text('said') !== ''): “{{ $told->text('said') }}”@endif</p>
@endforeach
@endif
@endsection
