<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>@yield('title')</title>
<style>
    @page { margin: 14mm 15mm 14mm 15mm; }
    body { font-family: 'DejaVu Sans', sans-serif; font-size: 9.5pt; line-height: 1.35; color: #111; }
    h1 { font-size: 17pt; margin: 0; line-height: 1.15; }
    h2 { font-size: 8.5pt; text-transform: uppercase; letter-spacing: 0.06em; margin: 4mm 0 1mm; color: #333; }
    p { margin: 0 0 1mm; }
    table { width: 100%; border-collapse: collapse; }
    td, th { text-align: left; vertical-align: top; padding: 0.7mm 2mm 0.7mm 0; border-bottom: 0.3pt solid #999; }
    th { font-size: 8pt; font-weight: normal; color: #333; }
    .figure { text-align: right; white-space: nowrap; font-family: 'DejaVu Sans Mono', monospace; font-size: 8.5pt; }
    .head { border-bottom: 1.6pt solid #111; padding-bottom: 2mm; margin-bottom: 2mm; }
    .mark { background: #ffd23f; padding: 0 1mm; }
    .bad { font-weight: bold; }
    .caution { border-left: 3pt solid #111; padding-left: 2.5mm; margin: 2mm 0; }
    .foot { position: fixed; bottom: -7mm; left: 0; right: 0; font-size: 7pt; color: #333; }
    h2 { page-break-after: avoid; }
    .small td { font-size: 8pt; padding-top: 0.3mm; padding-bottom: 0.3mm; }
    ul { margin: 0; padding-left: 4.5mm; }
</style>
</head>
<body>
<p class="foot">{{ $shop }} · @yield('foot', 'call '.($call->number ?? '')) · Levin advises. Local codes, the maker's instructions and licensed practice come first.</p>
@yield('paper')
</body>
</html>
