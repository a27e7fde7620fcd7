{!! __('messages.mail.hello', ['name' => $name]) !!}

{!! $heading->title !!}
{!! $heading->period !!}
@foreach ($heading->filters as $filter)
{!! $filter !!}
@endforeach

{!! $finding !!}

{!! __('compare.mail_open') !!}: {!! $address !!}

{!! __('compare.mail_stop', ['address' => url('/comparisons')]) !!}
