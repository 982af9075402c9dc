<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }}</title>
    <meta name="description" content="{{ $description }}">
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/gate/main.tsx'])
</head>
<body>
<div id="gate">
    <header class="gate-head"><div class="mx-auto max-w-6xl px-5 py-6">
        <p class="font-head text-3xl font-bold">{{ $first['page']['business']['name'] }}</p>
        <p>{{ $first['page']['business']['about'] }}</p>
    </div></header>
    <main class="mx-auto max-w-6xl px-5 py-6">
        @if ($first['booking'] === null)
            <h1 class="text-2xl">What can be booked</h1>
            <ul>
            @foreach ($first['page']['services'] as $service)
                <li>{{ $service['name'] }}, {{ $service['minutes'] }} minutes{{ $service['price']['amount'] > 0 ? ($service['price']['varies'] || $service['price']['kind'] === 'from' ? ', from ' : ', ').App\Support\Money::written($service['price']['amount'], $first['page']['business']['currency']) : '' }}</li>
            @endforeach
            </ul>
            <noscript><p>Booking here needs JavaScript. It is our own, from this address only.</p></noscript>
        @else
            <h1 class="text-2xl">{{ $title }}</h1>
        @endif
    </main>
</div>
<script type="application/json" id="first">{!! json_encode($first, JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR) !!}</script>
</body>
</html>
