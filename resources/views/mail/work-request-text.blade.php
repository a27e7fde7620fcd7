{!! __('messages.mail.hello', ['name' => $name]) !!}

{!! __("intake.mail.$step.text", ['title' => $title, 'organisation' => $organisation]) !!}

{!! $said !!}

{!! __('intake.mail.open') !!}:
{!! $address !!}
