<?php

declare(strict_types=1);

return [
    'ssr' => ['enabled' => false],
    // Pages that a browser keeps for its back button cannot be read once somebody has signed out.
    'history' => ['encrypt' => true],
    'pages' => [
        'ensure_pages_exist' => true,
        'paths' => [resource_path('js/pages')],
        'extensions' => ['tsx'],
    ],
    'testing' => ['ensure_pages_exist' => true],
];
