<!doctype html>
<html lang="{{ $locale }}" dir="{{ $direction }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>{{ $say('page.instead.title', ['business' => $business]) }}</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite('resources/css/instead.css', $build)
</head>
<body>
<main>
    <p>{{ $business }}</p>
    <h1>{{ $say('page.instead.offer', ['service' => $service, 'when' => $when]) }}</h1>
    @if ($refusal !== null)
        <p role="alert"><strong>{{ $refusal }}</strong></p>
    @endif
    @if ($mayTake)
        <p>{{ $say('page.instead.facts', ['until' => $until, 'where' => $where, 'price' => $price]) }}</p>
        <p>{{ $say('page.instead.kept') }}</p>
        <form method="post"><button type="submit" id="take">{{ $say('page.instead.take') }}</button></form>
    @endif
    <p><a href="{{ $back }}">{{ $say('page.instead.back') }}</a></p>
</main>
</body>
</html>
