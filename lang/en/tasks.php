<?php

declare(strict_types=1);

return [
    'recorded' => ':hours recorded on :task.',
    'done' => ':task is done for you.',
    'estimated' => 'The remaining hours of :task are updated.',
    'picked_up' => ':task is yours now. Its project manager has been told.',
    'pinned' => ':task is pinned to My tasks.',
    'unpinned' => ':task is no longer pinned.',
    'nothing_said' => 'Enter hours, such as 1:30 or 9-11:30, or what remains.',
    'not_of_team' => 'This task is not assigned to your team, or it is yours already.',
    'team_estimated' => 'The remaining hours of your team have been estimated, so they cannot be split here. Ask :manager to assign the task to you.',
    'nothing_left' => 'Enter how many hours you take over; nothing remains of the team’s.',
    'more_than_left' => 'Enter no more hours than remain of the team’s.',
    'too_many_pinned' => 'You have pinned :most tasks. Unpin one first.',
];
