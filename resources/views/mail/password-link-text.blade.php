{!! __('messages.mail.hello', ['name' => $name]) !!}

{!! __("passwords.mail.$kind->value.text", ['organisation' => $organisation]) !!}

{!! __("passwords.mail.$kind->value.open") !!}:
{!! $address !!}

{!! __('passwords.mail.once', ['minutes' => $minutes]) !!} {!! __("passwords.mail.$kind->value.otherwise", ['address' => route('password.forgotten')]) !!}
