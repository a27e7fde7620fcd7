@extends('mail.layout')

@section('content')
    <h1>{{ $heading->title }}</h1>
    <p class="quiet">{{ implode(' · ', [$heading->period, ...$heading->filters]) }}</p>
    <p>{{ $finding }}</p>
    <p><a href="{{ $address }}" target="_top">{{ __('compare.mail_open') }}</a></p>
    <p class="quiet foot">{{ __('compare.mail_stop', ['address' => url('/comparisons')]) }}</p>
@endsection
