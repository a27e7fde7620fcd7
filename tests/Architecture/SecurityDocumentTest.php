<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What docs/security.md names as proof is there. */
final class SecurityDocumentTest extends TestCase
{
    public function test_every_test_that_it_names_exists(): void
    {
        $sources = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/..', RecursiveDirectoryIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
                $sources[$file->getBasename('.php')] = (string) file_get_contents($file->getPathname());
            }
        }
        preg_match_all('/`(?:tests\/Architecture\/)?(?:(\w+Test)(?:::)?)?(test_\w+)?`/', (string) file_get_contents(__DIR__.'/../../docs/security.md'), $found, PREG_SET_ORDER);
        $class = '';
        $count = 0;
        foreach ($found as $one) {
            [$named, $method] = [$one[1] ?? '', $one[2] ?? ''];
            $class = $named === '' ? $class : $named;
            if ($named === '' && $method === '') {
                continue;
            }
            self::assertArrayHasKey($class, $sources);
            self::assertStringContainsString($method === '' ? 'class '.$class : 'function '.$method.'(', $sources[$class], "$class::$method");
            $count++;
        }
        self::assertGreaterThan(50, $count);
    }
}
