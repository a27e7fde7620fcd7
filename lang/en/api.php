<?php

declare(strict_types=1);

return [
    'right' => 'This token does not have the right “:right”. Create one that has, under your account.',
    'key' => 'The Idempotency-Key must have 1 to :most characters.',
    'key_used' => 'This Idempotency-Key was used for another request. Use a new one.',
    'key_busy' => 'The first request with this Idempotency-Key is still being worked on. Ask again in a moment.',
    'match_needed' => 'Say with If-Match which version you have seen, such as "3"; the ETag of what was read has it.',
    'changed' => 'It has changed since. Read it again, and decide anew.',
    'unknown_task' => 'There is no task “:task” in the project “:project”.',
    'unknown_entry' => 'There is no entry :entry of this person.',
    'not_assigned' => ':task is not assigned to :person or their team.',
    'unknown_role' => 'There is no role “:role”.',
    'amount' => 'Give the hours as people type them, or whole minutes, and not both.',
    'cursor' => 'This cursor is not one that was given out. Begin again without it.',
    'several_people' => 'Name a person whose entries you may see.',
];
