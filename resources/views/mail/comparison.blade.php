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
            .quiet { color: #4c5c52; font-size: 14px; }
            .foot { border-top: 1px solid #d9d3c1; padding-top: 10px; }
        </style>
    </head>
    <body>
        <main>
            <p>{{ __('messages.mail.hello', ['name' => $name]) }}</p>
            <h1>{{ $heading->title }}</h1>
            <p class="quiet">{{ implode(' · ', [$heading->period, ...$heading->filters]) }}</p>
            <p>{{ $finding }}</p>
            <p><a href="{{ $address }}" target="_top">{{ __('compare.mail_open') }}</a></p>
            <p class="quiet foot">{{ __('compare.mail_stop', ['address' => url('/comparisons')]) }}</p>
        </main>
    </body>
</html>
