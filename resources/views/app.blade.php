<!DOCTYPE html>
<html lang="{{ str_replace('_', '-', app()->getLocale()) }}" data-locale="{{ $page['props']['locale'] ?? '' }}" data-theme="{{ $page['props']['theme'] ?? 'system' }}">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="color-scheme" content="light dark">
        <meta property="csp-nonce" nonce="{{ Vite::cspNonce() }}">
        <link rel="icon" href="/favicon.svg" type="image/svg+xml">
        <title>Moss Week</title>
        @viteReactRefresh
        @vite(['resources/css/app.css', 'resources/js/app.tsx'])
    </head>
    <body>
        @inertia
    </body>
</html>
