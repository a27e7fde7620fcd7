<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** A row whose columns are asked for by name stays within the class that reads it; others get typed rows or models. */
final class TypedRowsTest extends TestCase
{
    public function test_no_untyped_row_leaves_its_class(): void
    {
        $leaving = [];
        $root = dirname(__DIR__, 2).'/app';
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root)) as $file) {
            if ($file->getExtension() !== 'php' || $file->getFilename() === 'Record.php') {
                continue;
            }
            preg_match_all('/(?:\/\*\*(?:(?!\*\/).)*\*\/\s*)?public (?:static |readonly )*(?:function \w+\([^{;]*|[\w\\\\?|]+ \$\w+)/s', (string) file_get_contents($file->getPathname()), $public);
            foreach ($public[0] as $signature) {
                if (preg_match('/\bRecord\b/', $signature) === 1) {
                    $leaving[] = $file->getFilename().': '.$signature;
                }
            }
        }

        self::assertSame([], $leaving);
    }
}
