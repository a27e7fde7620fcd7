<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What the analysis does not see: habits of the house that hold in every file. */
final class ConventionsTest extends TestCase
{
    public function test_every_php_file_declares_strict_types(): void
    {
        foreach (['core', 'app', 'demo', 'tests', 'database', 'routes', 'config', 'lang'] as $folder) {
            foreach (self::files($folder, 'php') as $path => $source) {
                self::assertStringContainsString('declare(strict_types=1);', $source, $path);
            }
        }
    }

    public function test_the_core_knows_no_floats(): void
    {
        foreach (self::files('core', 'php') as $path => $source) {
            foreach (token_get_all($source) as $token) {
                $isFloat = is_array($token) && ($token[0] === T_DNUMBER || $token[0] === T_DOUBLE_CAST || ($token[0] === T_STRING && strtolower($token[1]) === 'float'));
                self::assertFalse($isFloat, $path.' has a float');
            }
        }
    }

    public function test_values_of_the_core_never_change(): void
    {
        foreach (self::files('core', 'php') as $path => $source) {
            self::assertMatchesRegularExpression('/^(final readonly class|enum|interface|final class \w+ extends DomainException)/m', $source, $path);
        }
    }

    public function test_the_core_reads_no_clock_and_no_surroundings(): void
    {
        foreach (self::files('core', 'php') as $path => $source) {
            self::assertDoesNotMatchRegularExpression('/\b(time|date|now|microtime|getenv|rand|mt_rand|random_int|file_get_contents|strtotime)\(/', $source, $path);
            // An instant is given, or made of a timestamp that was.
            self::assertDoesNotMatchRegularExpression('/new DateTimeImmutable(?!\(\'@\')/', $source, $path);
        }
    }

    /** Of an array given to `orWhere`, each condition is enough by itself; a closure around `where` asks for all of them. */
    public function test_alternatives_hold_no_arrays(): void
    {
        foreach (self::files('app', 'php') as $path => $source) {
            self::assertDoesNotMatchRegularExpression('/->orWhere\((\[|\$[^,()]*->only\(|\$[\w>-]+\))/', $source, $path);
        }
    }

    public function test_no_feature_of_the_interface_looks_into_another(): void
    {
        foreach (self::files('resources/js', 'tsx', 'ts') as $path => $source) {
            preg_match_all("#from '@/features/([\\w-]+)(/[^']*)?'#", $source, $imports, PREG_SET_ORDER);
            foreach ($imports as $import) {
                self::assertStringNotContainsString('/ui/', $path, 'ui is free of features');
                self::assertFalse(isset($import[2]) && ! str_contains($path, '/features/'.$import[1].'/'), $path.' looks into '.$import[1]);
            }
        }
    }

    public function test_components_stay_small(): void
    {
        foreach (self::files('resources/js', 'tsx') as $path => $source) {
            self::assertLessThan(160, substr_count($source, "\n"), $path);
        }
    }

    /** @return iterable<string, string> contents by path */
    private static function files(string $folder, string ...$endings): iterable
    {
        $root = dirname(__DIR__, 2).'/'.$folder;
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof SplFileInfo && in_array($file->getExtension(), $endings, true)) {
                yield $folder.substr($file->getPathname(), strlen($root)) => (string) file_get_contents($file->getPathname());
            }
        }
    }
}
