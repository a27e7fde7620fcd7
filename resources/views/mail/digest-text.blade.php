{!! __('messages.mail.hello', ['name' => $name]) !!}

@foreach ($lines as $line)
- {!! $line->words !!}
@if ($line->isNudge)
@foreach ($pencil as $proposed)
    {!! $proposed !!}
@endforeach
@endif
  {!! $line->address !!}

@endforeach
{!! __('messages.mail.hours', ['address' => $address]) !!}
