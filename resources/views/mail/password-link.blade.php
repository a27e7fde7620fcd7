<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
    <head>
        <meta charset="utf-8">
        <title>Moss Week</title>
        <style>
            body { margin: 0; padding: 24px; background: #f6f3ea; color: #1d3127; font: 16px/1.45 Georgia, serif; }
            main { max-width: 34rem; }
            a { color: #4a6a2a; }
            .quiet { color: #4c5c52; font-size: 14px; border-top: 1px solid #d9d3c1; padding-top: 10px; }
        </style>
    </head>
    <body>
        <main>
            <p>{{ __('messages.mail.hello', ['name' => $name]) }}</p>
            <p>{{ __("passwords.mail.$kind->value.text", ['organisation' => $organisation]) }}</p>
            <p><a href="{{ $address }}" target="_top">{{ __("passwords.mail.$kind->value.open") }}</a></p>
            <p class="quiet">{{ __('passwords.mail.once', ['minutes' => $minutes]) }} {{ __("passwords.mail.$kind->value.otherwise", ['address' => route('password.forgotten')]) }}</p>
        </main>
    </body>
</html>
