<?php

declare(strict_types=1);

/* What stands on files that people read. */
return [
    'made' => 'Made by :name on :at',
    'page' => 'Page {PAGE_NUM} of {PAGE_COUNT}',
];
