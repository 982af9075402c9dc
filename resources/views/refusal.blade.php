<!doctype html>
<html lang="{{ $locale }}" dir="{{ $direction }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>{{ $message }}</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite('resources/css/instead.css', $build)
</head>
<body><main>
    <h1>{{ $heading ?? $say('page.sorry') }}</h1>
    <p>{{ $message }}</p>
    @isset($renew)
        <form method="post" action="{{ $renew }}">
            <button type="submit" id="renew">{{ $say('page.link.renew') }}</button>
        </form>
    @endisset
</main></body>
</html>
