<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <title>Yard Bell</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/workspace/main.tsx'])
</head>
<body><div id="workspace"><p role="status" class="p-6">Yard Bell is opening</p></div></body>
</html>
