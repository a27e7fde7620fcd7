<?php

declare(strict_types=1);

namespace Tests\App\Http;

use App\Http\PageFiles;
use Tests\App\TestCase;

final class PageFilesTest extends TestCase
{
    public function test_a_page_asks_for_its_own_script_and_its_language_at_once(): void
    {
        self::assertSame(['resources/css/app.css', 'resources/js/app.tsx', 'resources/js/lang/en.ts', 'resources/js/pages/Week.tsx'], PageFiles::of('Week', 'en'));
    }

    public function test_a_language_that_nobody_has_written_yet_is_read_in_english(): void
    {
        self::assertContains('resources/js/lang/en.ts', PageFiles::of('Week', 'qps'));
    }

    public function test_every_file_that_is_asked_for_at_once_is_there(): void
    {
        $fonts = preg_replace('~^.*/(source-serif-4)-(latin)-(\d+)-(normal|italic)\.woff2$~', '$3 $4', PageFiles::FONTS);
        self::assertSame(['400 normal', '600 normal', '400 italic'], $fonts);
        foreach (glob(resource_path('js/pages/*.tsx')) ?: [] as $page) {
            foreach (PageFiles::of(basename($page, '.tsx'), 'en') as $file) {
                self::assertFileExists(base_path($file));
            }
        }
    }
}
