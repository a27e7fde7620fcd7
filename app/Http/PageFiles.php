<?php

declare(strict_types=1);

namespace App\Http;

/** Which built files a page needs at once, so that the browser fetches them together and not one after the other. */
final class PageFiles
{
    /** The letters of nearly every text; those of other scripts are fetched where they occur. */
    public const FONTS = [
        'node_modules/@fontsource/source-serif-4/files/source-serif-4-latin-400-normal.woff2',
        'node_modules/@fontsource/source-serif-4/files/source-serif-4-latin-600-normal.woff2',
        'node_modules/@fontsource/source-serif-4/files/source-serif-4-latin-400-italic.woff2',
    ];

    /**
     * Names of source files.
     *
     * @param  string  $component  The page, as the interface calls it
     * @return non-empty-list<string>
     */
    public static function of(string $component, string $language): array
    {
        $written = is_file(resource_path("js/lang/$language.ts")) ? $language : 'en';

        return ['resources/css/app.css', 'resources/js/app.tsx', "resources/js/lang/$written.ts", "resources/js/pages/$component.tsx"];
    }
}
