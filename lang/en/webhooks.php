<?php

declare(strict_types=1);

return [
    'name' => 'Enter the name of the other system, in at most 100 characters.',
    'name_taken' => 'There is a webhook of this name already. Choose another.',
    'address' => 'Enter the address that receives the messages, beginning with https://. An address inside your own network has to be allowed by your administrator.',
    'topics' => 'Choose at least one topic.',
    'added' => ':name is told of what happens from now on. Copy the secret: it is not shown again.',
    'saved' => ':name is saved.',
    'removed' => ':name is removed, with its messages.',
    'secret_renewed' => 'Messages are signed with the new secret from now on. Copy it: it is not shown again.',
    'test_sent' => 'The test is on its way.',
    'again' => 'The message is sent again.',
    'again_when_resumed' => 'The message is sent again once the webhook is no longer paused.',
    'queued' => '{0} No message is due.|{1} Messages to one system are queued.|[2,*] Messages to :count systems are queued.',
    'cleared' => '{0} No message was old enough.|{1} One message was deleted.|[2,*] :count messages were deleted.',
    'failure' => [
        'address' => 'The address is not one that may be asked.',
        'unreachable' => 'No answer came.',
        'too_large' => 'The answer was too long.',
    ],
];
