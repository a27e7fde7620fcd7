<?php

declare(strict_types=1);

namespace Tests\Core\Search;

use Moss\Core\Search\WordFit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WordFitTest extends TestCase
{
    #[DataProvider('slips')]
    public function test_a_slip_of_the_finger_fits_less_well_and_only_where_that_is_forgiven(string $sought, string $known): void
    {
        self::assertSame(10, WordFit::of($sought, $known, true));
        self::assertSame(0, WordFit::of($sought, $known, false));
    }

    /** @return iterable<string, array{string, string}> */
    public static function slips(): iterable
    {
        yield 'a letter wrong' => ['lans', 'lens'];
        yield 'a letter missing' => ['clder', 'calder'];
        yield 'a letter too many' => ['calxder', 'calder'];
        yield 'two letters swapped in a short word' => ['lesn', 'lens'];
        yield 'swapped at the beginning' => ['aclder', 'calder'];
        yield 'swapped at the end of what is typed so far' => ['cadl', 'calder'];
        yield 'swapped, and one wrong in a long word' => ['brnadretx', 'brandreth'];
    }

    #[DataProvider('others')]
    public function test_more_slips_than_a_word_can_bear_are_another_word(string $sought, string $known): void
    {
        self::assertSame(0, WordFit::of($sought, $known, true));
    }

    /** @return iterable<string, array{string, string}> */
    public static function others(): iterable
    {
        yield 'swapped, and one wrong in a short word' => ['aclxer', 'calder'];
        yield 'swapped in three letters' => ['les', 'sel'];
        yield 'two wrong' => ['lamb', 'lens'];
        yield 'a number' => ['2025', '2026'];
    }
}
