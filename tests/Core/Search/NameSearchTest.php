<?php

declare(strict_types=1);

namespace Tests\Core\Search;

use Moss\Core\Search\NameSearch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NameSearchTest extends TestCase
{
    private const KNOWN = [
        'zoe.brand' => 'Zoë Brandström', 'zora.field' => 'Zora Field', 'bran.lee' => 'Bran Lee', 'ottilie.brandreth' => 'Ottilie Brandreth',
        'lens' => 'Lens refit', 'lens-2' => 'Lens refit, second tower', 'quay' => 'Quay wall',
    ];

    /** @param  list<string>  $expected  codes, the best first; alphabetical among equals */
    #[DataProvider('searches')]
    public function test_the_best_comes_first_and_what_fits_nowhere_is_left_out(string $sought, array $expected): void
    {
        $search = new NameSearch($sought);
        $found = [];
        foreach (self::KNOWN as $code => $name) {
            $fit = $search->fit($code, $name);
            if ($fit !== null) {
                $found[] = [-$fit, $code];
            }
        }
        sort($found);

        self::assertSame($expected, array_column($found, 1));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function searches(): iterable
    {
        yield 'without the accent' => ['zoe', ['zoe.brand']];
        yield 'with it, in capitals' => ['ZOË', ['zoe.brand']];
        yield 'a first name before a family name' => ['bran', ['bran.lee', 'ottilie.brandreth', 'zoe.brand']];
        yield 'a slip of the finger' => ['brandreht', ['ottilie.brandreth']];
        yield 'two words in any order' => ['brand otti', ['ottilie.brandreth']];
        yield 'a code before names that begin with it' => ['lens', ['lens', 'lens-2']];
        yield 'a code that is nearly right is none' => ['lens-3', []];
        yield 'a word that fits nowhere' => ['lens quay', []];
        yield 'nothing but spaces finds everything' => ['  ', self::sorted()];
    }

    /** @return list<string> */
    private static function sorted(): array
    {
        $codes = array_keys(self::KNOWN);
        sort($codes);

        return $codes;
    }
}
