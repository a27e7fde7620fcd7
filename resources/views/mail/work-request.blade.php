@extends('mail.layout')

@section('content')
    <p>{{ __("intake.mail.$step.text", ['title' => $title, 'organisation' => $organisation]) }}</p>
    @if ($said !== '')
        <blockquote>{{ $said }}</blockquote>
    @endif
    <p><a href="{{ $address }}" target="_top">{{ __('intake.mail.open') }}</a></p>
@endsection
