<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Moss\Core\Planning\ChargeCodeScheme;
use Moss\Core\Planning\ChargeCodeSchemeRefused;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How charge codes of a client are made up; of project LENS and task A.1. */
final class ChargeCodeSchemeTest extends TestCase
{
    #[TestWith(['HB-##', 'HB-07', true])]
    #[TestWith(['HB-##', 'HB-7', false])]
    #[TestWith(['HB-##', 'HB-077', false])]
    #[TestWith(['HB-##', 'XHB-07', false])]
    #[TestWith(['HB-##', "HB-07\n", false])]
    #[TestWith(['@@/#', 'AB/1', true])]
    #[TestWith(['@@/#', 'ab/1', false])]
    #[TestWith(['{project}-{task}', 'LENS-A.1', true])]
    #[TestWith(['{project}-{task}', 'LENS-AX1', false])]
    #[TestWith(['{project}-{task}', 'OLD-A.1', false])]
    #[TestWith(['a.b', 'aXb', false])]
    public function test_a_charge_code_fits_or_not(string $scheme, string $chargeCode, bool $fits): void
    {
        self::assertSame($fits, ChargeCodeScheme::of($scheme)->matches($chargeCode, 'LENS', 'A.1'));
    }

    #[TestWith(['HB-{project}-{task}', 'HB-LENS-A.1'])]
    #[TestWith(['HB', 'HB'])]
    #[TestWith(['HB-{project}-#', null])]
    #[TestWith(['HB-@', null])]
    public function test_what_leaves_nothing_open_is_suggested_and_fits(string $scheme, ?string $suggested): void
    {
        $of = ChargeCodeScheme::of($scheme);
        self::assertSame($suggested, $of->suggested('LENS', 'A.1'));
        self::assertTrue($suggested === null || $of->matches($suggested, 'LENS', 'A.1'));
    }

    #[TestWith([''])]
    #[TestWith(['a b'])]
    #[TestWith(['{client}-#'])]
    #[TestWith(['~.*~'])]
    #[TestWith(['x{project'])]
    public function test_other_texts_are_no_schemes(string $text): void
    {
        $this->expectException(ChargeCodeSchemeRefused::class);
        ChargeCodeScheme::of($text);
    }

    public function test_a_scheme_is_as_long_as_a_charge_code(): void
    {
        self::assertSame(64, strlen(ChargeCodeScheme::of(str_repeat('#', 64))->toString()));
        $this->expectException(ChargeCodeSchemeRefused::class);
        ChargeCodeScheme::of(str_repeat('#', 65));
    }
}
