<?php

declare(strict_types=1);

/* What stands on every page that is printed as PDF. */
return [
    'made' => 'Made by :name on :at',
    'page' => 'Page {PAGE_NUM} of {PAGE_COUNT}',
];
