@extends('mail.layout')

@section('content')
    <p>{{ __("passwords.mail.$kind->value.text", ['organisation' => $organisation]) }}</p>
    <p><a href="{{ $address }}" target="_top">{{ __("passwords.mail.$kind->value.open") }}</a></p>
    <p class="quiet foot">{{ __('passwords.mail.once', ['minutes' => $minutes]) }} {{ __("passwords.mail.$kind->value.otherwise", ['address' => route('password.forgotten')]) }}</p>
@endsection
