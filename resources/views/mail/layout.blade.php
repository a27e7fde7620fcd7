<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
    <head>
        <meta charset="utf-8">
        <title>Moss Week</title>
        <style>
            body { margin: 0; padding: 24px; background: #f6f3ea; color: #1d3127; font: 16px/1.45 Georgia, serif; }
            main { max-width: 34rem; }
            h1 { font-size: 20px; margin: 0 0 4px; }
            a { color: #4a6a2a; }
            li { margin: 0 0 10px; }
            ul { padding-left: 18px; }
            .pencil { color: #5f6660; font-style: italic; }
            .quiet { color: #4c5c52; font-size: 14px; }
            .foot { border-top: 1px solid #d9d3c1; padding-top: 10px; }
        </style>
    </head>
    <body>
        <main>
            <p>{{ __('messages.mail.hello', ['name' => $name]) }}</p>
            @yield('content')
        </main>
    </body>
</html>
