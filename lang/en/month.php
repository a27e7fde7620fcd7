<?php

declare(strict_types=1);

return [
    'filled' => ':hours recorded on :task.',
    'partly_filled' => ':hours recorded on :task. Not filled: :days. :why',
    'nothing_free' => 'Nothing is left to fill: every day of this month holds what is expected, or is submitted.',
];
