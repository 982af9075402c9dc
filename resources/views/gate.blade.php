<!doctype html>
<html lang="{{ $locale }}" dir="{{ $direction }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }}</title>
    <meta name="description" content="{{ $description }}">
    @isset($facts)
        <link rel="canonical" href="{{ $facts['address'] }}">
        <meta property="og:type" content="website">
        <meta property="og:title" content="{{ $title }}">
        <meta property="og:description" content="{{ $description }}">
        <meta property="og:url" content="{{ $facts['address'] }}">
        @if ($facts['picture'] !== null)
            <meta property="og:image" content="{{ $facts['picture'] }}">
        @endif
        @php($data = JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)
        <script type="application/ld+json">{!! json_encode($facts['structured'], $data) !!}</script>
    @endisset
    @if ($plain['waits'] ?? false)
        <noscript><meta http-equiv="refresh" content="2"></noscript>
    @endif
    @unless ($facts['isFound'] ?? false)
        <meta name="robots" content="noindex">
    @endunless
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @php($fonts = 'node_modules/@fontsource-variable')
    @foreach (['bricolage-grotesque', 'atkinson-hyperlegible-next'] as $font)
        <link rel="preload" as="font" type="font/woff2" crossorigin
            href="{{ Vite::asset("{$fonts}/{$font}/files/{$font}-latin-wght-normal.woff2", $build) }}">
    @endforeach
    @viteReactRefresh
    @vite(['resources/css/app.css', 'resources/js/gate/main.tsx'], $build)
</head>
<body>
<div id="gate">
    <header class="gate-head">
        <div class="mx-auto flex max-w-6xl flex-wrap items-baseline gap-x-5 gap-y-1 px-5 py-5">
            <p class="font-head text-3xl font-bold tracking-tight">{{ $first['page']['business']['name'] }}</p>
            <p class="opacity-90">{{ $first['page']['business']['about'] }}</p>
        </div>
    </header>
    <main class="mx-auto max-w-6xl px-5 py-6">
        @isset($almanac)
            @php($part = fn (array $one): string => $one['isChoice'] ? '<b>'.e($one['text']).'</b>' : e($one['text']))
            <div class="sentence">
                <h1 class="inline font-normal">{!! implode('', array_map($part, $almanac['sentence'])) !!}</h1>
                @if ($almanac['joins'])
                    <span class="and-then"><b>{{ $say('page.and_then') }}</b></span>
                @endif
            </div>
            @include('plain.choose')
            <ol class="plain-almanac">
            @foreach ($almanac['days'] as $day)
                <li>
                    <b>{{ $day['date'] }}</b> {{ $day['none'] }}
                    @foreach ($day['starts'] as $start)
                        <a href="{{ $start['link'] }}">{{ $start['hour'] }}</a>
                    @endforeach
                </li>
            @endforeach
            </ol>
        @endisset
        @if ($first['booking'] === null)
            <h2>{{ $say('page.what_can_be_booked') }}</h2>
            <ul>
            @php($currency = $first['page']['business']['currency'])
            @foreach ($first['page']['services'] as $service)
                <li>
                    @php($price = App\Gate\PlainPrice::of($service['price'], $currency))
                    @php($said = $price === null ? 'page.service' : 'page.service_for')
                    <a href="?service={{ $service['id'] }}">{{ $say($said, [
                        'name' => $service['name'],
                        'length' => App\Support\LocalTime::length($service['minutes']),
                        'price' => $price ?? '',
                    ]) }}</a>
                </li>
            @endforeach
            </ul>
        @else
            <h1 class="text-2xl">{{ $title }}</h1>
            @isset($plain)
                @include('plain.booking')
            @endisset
        @endif
    </main>
</div>
@php($flags = JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)
<script type="application/json" id="first">{!! json_encode($first, $flags) !!}</script>
</body>
</html>
