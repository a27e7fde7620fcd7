{!! __('messages.mail.hello', ['name' => $name]) !!}

@foreach ($lines as $line)
- {!! $line->text !!}
@if ($line->isDayReminder)
@foreach ($pencil as $proposed)
    {!! $proposed !!}
@endforeach
@endif
  {!! $line->address !!}

@endforeach
{!! __('messages.mail.hours', ['address' => $address]) !!}
