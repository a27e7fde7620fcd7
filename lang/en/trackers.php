<?php

declare(strict_types=1);

return [
    'why' => 'Logged in the task tracker',
    'decided' => 'It is submitted or approved here, and stays as it is.',
    'refused_there' => 'The task tracker refused it: :reason',
    'queued' => '{0} No project is linked.|{1} One project is queued.|[2,*] :count projects are queued.',
    'name' => 'Enter the name of the task tracker, in at most 100 characters.',
    'name_taken' => 'There is a task tracker of this name already. Choose another.',
    'address' => 'Enter the address of the task tracker, beginning with https://. An address inside your own network has to be allowed by your administrator.',
    'token' => 'Enter the token with which the task tracker is asked.',
    'added' => ':name is added. Link projects to it on their plan pages.',
    'removed' => ':name is removed. What came from it stays.',
    'no_answer' => 'The task tracker did not answer as expected. Check its address and token.',
    'project' => 'Choose a project of a task tracker.',
    'from' => 'Enter the day from which on time goes to and fro.',
    'linked' => 'The project is linked. Tasks and time come over in a moment.',
    'unlinked' => 'The project is no longer linked. What came over stays.',
    'syncing' => 'The two are brought together now.',
    'matched' => 'It is matched. Its time comes over in a moment.',
    'person' => 'Choose who it is.',
    'task' => 'Choose which task it is.',
    'person_taken' => 'This person is somebody else there already. Choose another.',
    'task_taken' => 'This task is another one there already. Choose another.',
    'failure' => [
        'unreachable' => 'The task tracker does not answer. It is tried again every minute.',
        'token_refused' => 'The task tracker does not accept the token.',
        'gone' => 'The project is not there any more.',
        'moved_on' => 'The task tracker does not answer as expected.',
        'refused' => 'The task tracker does not answer as expected.',
    ],
];
