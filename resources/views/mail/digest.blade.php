<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
    <head>
        <meta charset="utf-8">
        <title>Moss Week</title>
        <style>
            body { margin: 0; padding: 24px; background: #f6f3ea; color: #1d3127; font: 16px/1.45 Georgia, serif; }
            main { max-width: 34rem; }
            a { color: #4a6a2a; }
            li { margin: 0 0 10px; }
            ul { padding-left: 18px; }
            .pencil { color: #5f6660; font-style: italic; }
            .quiet { color: #4c5c52; font-size: 14px; border-top: 1px solid #d9d3c1; padding-top: 10px; }
        </style>
    </head>
    <body>
        <main>
            <p>{{ __('messages.mail.hello', ['name' => $name]) }}</p>
            <ul>
                @foreach ($lines as $line)
                    <li>
                        {{ $line->text }}
                        @if ($line->isDayReminder && $pencil !== [])
                            <ul class="pencil">
                                @foreach ($pencil as $proposed)
                                    <li>{{ $proposed }}</li>
                                @endforeach
                            </ul>
                        @endif
                        <a href="{{ $line->address }}" target="_top">{{ __($line->isDayReminder && $pencil !== [] ? 'messages.mail.ink' : 'messages.mail.open') }}</a>
                    </li>
                @endforeach
            </ul>
            <p class="quiet">{{ __('messages.mail.hours', ['address' => $address]) }}</p>
        </main>
    </body>
</html>
