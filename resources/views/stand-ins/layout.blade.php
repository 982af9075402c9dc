<!doctype html>
<html lang="{{ $locale }}" dir="{{ $direction }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>@yield('title')</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite('resources/css/stand-ins.css', $build)
</head>
<body>
<header><p>Yard Bell stand-ins</p>
    
    <nav aria-label="Stand-ins">
        <a href="/stand-ins/mailbox">Mailbox</a>
        <a href="/stand-ins/processor">Processor</a>
        <a href="/stand-ins/clock">Clock</a>
    </nav>
</header>
<main>
@yield('main')
</main>
</body>
</html>
