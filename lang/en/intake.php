<?php

declare(strict_types=1);

/* Requests for work, and files that come with them. */
return [
    'title' => 'Enter what is to be done, in at most 200 characters.',
    'description' => 'Enter at most 10,000 characters.',
    'client' => 'Choose a client from the list.',
    'about' => 'Enter hours, such as 160, 7.5 or 7:30, or none.',
    'manager' => 'Choose who is to manage the project.',
    'name' => 'Enter your name.',
    'email' => 'Enter your email address, such as name@example.org.',
    'text' => 'Enter a text of at most 5,000 characters.',
    'ends_on' => 'Enter the last day on which the link works, today or later.',
    'files' => 'Attach at most :most files.',
    'file_name' => 'The file needs a name of at most 200 characters.',
    'file_size' => 'Choose a file that is not empty and has at most :most MB.',
    'file_gone' => 'A file did not arrive as a whole. Attach it again.',
    'file_type' => ':name is not a kind of file that can be attached. Attach PDF, pictures, text, office documents or ZIP.',
    'decided' => 'This request has been decided already. Reload to see what became of it.',
    'closed' => 'Requests for work are not open to everybody. Ask the time office.',
    'not_decider' => 'Requests for work are decided by project managers and the time office.',
    'of_others' => 'This is someone else’s request. Only they, project managers and the time office can see it.',
    'link_ended' => 'This link no longer works. Ask whoever gave it to you for another one.',
    'requested' => 'Your request has been sent.',
    'said' => 'Your comment is added.',
    'declined' => 'The request is declined.',
    'accepted' => 'The request is now the project :project.',
    'opened' => 'Everybody in the organisation can request work now.',
    'shut' => 'Only project managers and the time office can request work now.',
    'link_added' => 'The link for :client is ready. Copy it from the list.',
    'link_revoked' => 'The link for :client no longer works.',
    'mail' => [
        'open' => 'See your request',
        'received' => ['subject' => 'Your request “:title”', 'text' => ':organisation has received your request “:title”. You will hear of every step.'],
        'comment' => ['subject' => 'A comment on “:title”', 'text' => ':organisation has a comment on your request “:title”:'],
        'accepted' => ['subject' => 'Your request “:title” is accepted', 'text' => ':organisation has accepted your request “:title” and is planning the work.'],
        'declined' => ['subject' => 'Your request “:title” is declined', 'text' => ':organisation has declined your request “:title”:'],
    ],
];
