<!DOCTYPE html>
<html lang="{{ str_replace('_', '-', app()->getLocale()) }}" data-locale="{{ $page['props']['locale'] ?? '' }}" data-theme="{{ $page['props']['theme'] ?? 'system' }}" data-today="{{ $page['props']['today'] ?? '' }}">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="color-scheme" content="light dark">
        <meta property="csp-nonce" nonce="{{ Vite::cspNonce() }}">
        <link rel="icon" href="/favicon.svg" type="image/svg+xml">
        <link rel="manifest" href="/manifest.webmanifest">
        <link rel="apple-touch-icon" href="/icon-192.png">
        <meta name="theme-color" content="#f6f3ea" media="(prefers-color-scheme: light)">
        <meta name="theme-color" content="#151e19" media="(prefers-color-scheme: dark)">
        <title>Moss Week</title>
        @foreach (\App\Http\PageFiles::FONTS as $font)
            <link rel="preload" href="{{ Vite::asset($font) }}" as="font" type="font/woff2" crossorigin>
        @endforeach
        @viteReactRefresh
        @vite(\App\Http\PageFiles::of($page['component'], app()->getLocale()))
    </head>
    <body>
        @inertia
    </body>
</html>
