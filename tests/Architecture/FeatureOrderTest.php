<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use SplFileInfo;

/** What `Features` states about the features is whole and has an order. */
final class FeatureOrderTest extends TestCase
{
    /** @var list<string> */
    private static array $classes = [];

    public function test_every_feature_is_named_and_says_what_it_is(): void
    {
        self::assertSame(self::folders('app/Features'), self::sorted(array_keys(Features::USES)));
        foreach ([...array_map(static fn (string $feature): string => 'Features/'.$feature, array_keys(Features::USES)), ...array_keys(Features::KERNELS), 'Exchange'] as $folder) {
            $readme = self::root().'/app/'.$folder.'/README.md';
            self::assertFileExists($readme);
            self::assertMatchesRegularExpression('/^# .+\n\n\S.+/', (string) file_get_contents($readme), $folder);
        }
    }

    public function test_what_is_used_is_stated_before_it_is_used(): void
    {
        $known = [];
        foreach (Features::USES as $feature => $uses) {
            self::assertSame([], array_diff($uses, $known), $feature.' uses what comes after it');
            $known[] = $feature;
        }
    }

    public function test_what_is_offered_exists_is_described_and_is_used_by_another(): void
    {
        foreach (Features::OFFERS as $feature => $classes) {
            $readme = (string) file_get_contents(self::root().'/app/Features/'.$feature.'/README.md');
            foreach ($classes as $class) {
                $name = 'App\\Features\\'.$feature.'\\'.$class;
                self::assertTrue(class_exists($name) || enum_exists($name), $name);
                self::assertStringContainsString('`'.basename(strtr($class, '\\', '/')).'`', $readme, $feature);
                self::assertNotSame([], self::users($name, $feature), $name.' is used by nobody else');
            }
        }
    }

    public function test_the_classes_that_are_described_exist(): void
    {
        foreach ([...(glob(self::root().'/app/*/README.md') ?: []), ...(glob(self::root().'/app/Features/*/README.md') ?: []), self::root().'/docs/map.md'] as $readme) {
            preg_match_all('/`([A-Z][a-z]+(?:[A-Z][a-z]+)+)`/', (string) file_get_contents($readme), $named);
            foreach (array_unique($named[1]) as $class) {
                self::assertContains($class, self::classes(), $readme);
            }
        }
    }

    /** @return list<string> short names */
    private static function classes(): array
    {
        if (self::$classes === []) {
            foreach (['app', 'core', 'resources/js'] as $folder) {
                foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::root().'/'.$folder)) as $file) {
                    self::$classes[] = ucfirst($file instanceof SplFileInfo ? explode('.', $file->getFilename())[0] : '');
                }
            }
        }

        return self::$classes;
    }

    /** @return list<string> files outside a feature that import a class of it */
    private static function users(string $class, string $feature): array
    {
        $users = [];
        foreach (['app/Features/*/*/*.php', 'app/Exchange/*.php', 'app/Exchange/*/*.php'] as $pattern) {
            foreach (glob(self::root().'/'.$pattern) ?: [] as $file) {
                if (! str_contains($file, '/app/Features/'.$feature.'/') && str_contains((string) file_get_contents($file), 'use '.$class.';')) {
                    $users[] = $file;
                }
            }
        }

        return $users;
    }

    /** @return list<string> */
    private static function folders(string $of): array
    {
        return self::sorted(array_map(basename(...), glob(self::root().'/'.$of.'/*', GLOB_ONLYDIR) ?: []));
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function sorted(array $names): array
    {
        sort($names);

        return $names;
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }
}
