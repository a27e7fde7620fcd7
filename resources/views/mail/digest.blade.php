@extends('mail.layout')

@section('content')
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
    <p class="quiet foot">{{ __('messages.mail.hours', ['address' => $address]) }}</p>
@endsection
