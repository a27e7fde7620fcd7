<?php

declare(strict_types=1);

return [
    'filled' => ':hours recorded on :task.',
    'partly_filled' => ':hours recorded on :task. Not filled: :days. :why',
    'nothing_free' => 'Nothing is left to fill: every day here holds what is expected, or is submitted.',
    'undone' => ':task holds again what it held before it was filled.',
    'partly_undone' => ':task holds again what it held before it was filled, but for :days. :why',
    'cannot_undo' => 'This can no longer be undone. Change the days in your week.',
];
