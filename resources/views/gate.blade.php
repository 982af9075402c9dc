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
    @unless ($facts['isFound'] ?? false)
        <meta name="robots" content="noindex">
    @endunless
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/gate/main.tsx'], $build)
</head>
<body>
<div id="gate">
    <header class="gate-head"><div class="mx-auto max-w-6xl px-5 py-6">
        <p class="font-head text-3xl font-bold">{{ $first['page']['business']['name'] }}</p>
        <p>{{ $first['page']['business']['about'] }}</p>
    </div></header>
    <main class="mx-auto max-w-6xl px-5 py-6">
        @if ($first['booking'] === null)
            <h1 class="text-2xl">{{ $say('page.what_can_be_booked') }}</h1>
            <ul>
            @php($currency = $first['page']['business']['currency'])
            @foreach ($first['page']['services'] as $service)
                <li>
                    @php($price = App\Gate\PlainPrice::of($service['price'], $currency))
                    {{ $say($price === null ? 'page.service' : 'page.service_for', [
                        'name' => $service['name'], 'minutes' => $service['minutes'], 'price' => $price ?? '',
                    ]) }}
                </li>
            @endforeach
            </ul>
            <noscript><p>{{ $say('page.needs_script') }}</p></noscript>
        @else
            <h1 class="text-2xl">{{ $title }}</h1>
        @endif
    </main>
</div>
@php($flags = JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)
<script type="application/json" id="first">{!! json_encode($first, $flags) !!}</script>
</body>
</html>
