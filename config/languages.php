<?php

declare(strict_types=1);

return [
    // Codes of the languages that people can choose; each has a folder of this name in lang/, or in the folder named
    // below, and a module of this name in resources/js/lang/.
    'available' => explode(',', (string) env('MOSS_LANGUAGES', 'en')),

    // A further folder of languages beside lang/; empty for none.
    'folder' => env('MOSS_LANGUAGE_FOLDER'),

    // How people can have numbers and dates written.
    'locales' => [
        'en-GB', 'en-US', 'en-AU', 'en-CA', 'en-IE', 'en-IN', 'en-NZ', 'en-ZA',
        'cs-CZ', 'da-DK', 'de-AT', 'de-CH', 'de-DE', 'el-GR', 'es-ES', 'fi-FI', 'fr-CA', 'fr-CH', 'fr-FR', 'it-IT', 'nb-NO',
        'nl-NL', 'pl-PL', 'pt-BR', 'pt-PT', 'sv-SE',
    ],

    // Where neither the person nor their browser says otherwise.
    'default_locale' => 'en-GB',
];
