<?php

declare(strict_types=1);

namespace Tests\Core\ChargeCodes;

use Moss\Core\ChargeCodes\CodedPart;
use Moss\Core\ChargeCodes\Composition;
use Moss\Core\ChargeCodes\CompositionRefused;
use Moss\Core\ChargeCodes\PartCode;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Charge codes composed of parts. */
final class CompositionTest extends TestCase
{
    /** @param  list<string>  $codes */
    #[TestWith([['WP1', 'LAB'], 'WP1/LAB'])]
    #[TestWith([['WP2', 'TRV'], 'WP2/TRV'])]
    #[TestWith([['WP2', 'LAB'], 'together'])]
    #[TestWith([['WP3', 'LAB'], 'code'])]
    #[TestWith([['WP1', 'OLD'], 'code'])]
    #[TestWith([['WP1'], 'code'])]
    #[TestWith([[], 'code'])]
    #[TestWith([['WP1', 'LAB', 'LAB'], 'code'])]
    #[TestWith([['wp1', 'LAB'], 'code'])]
    public function test_parts_make_a_whole_or_not(array $codes, string $expected): void
    {
        self::assertSame($expected, self::composed($codes));
    }

    public function test_without_combinations_all_go_together(): void
    {
        $composition = Composition::of('/', self::parts());

        self::assertSame('WP2/LAB', $composition->compose(['WP2', 'LAB']));
    }

    public function test_a_whole_comes_apart_again(): void
    {
        $composition = self::composition();

        self::assertSame(['WP1', 'LAB'], $composition->partsOf($composition->check(' WP1/LAB ')));
        self::assertNull($composition->partsOf('WP1'));
        self::assertNull($composition->partsOf('WP1/LAB/X'));
        self::assertSame(['WP1 LAB', '* TRV'], array_map(static fn ($one): string => $one->toString(), $composition->combinations));
    }

    /**
     * @param  list<list<string>>  $codes  of each part
     * @param  list<string>  $combinations
     */
    #[TestWith(['+', [['A']], []])]
    #[TestWith(['-', [], []])]
    #[TestWith(['-', [[]], []])]
    #[TestWith(['-', [['A', 'A']], []])]
    #[TestWith(['-', [['A-B']], []])]
    #[TestWith(['-', [['']], []])]
    #[TestWith(['-', [['A'], ['B']], ['A']])]
    #[TestWith(['-', [['A'], ['B']], ['A C']])]
    #[TestWith(['-', [['A'], ['B']], ['A B B']])]
    #[TestWith(['-', [['A'], ['A'], ['A'], ['A'], ['A'], ['A'], ['A'], ['A'], ['A']], []])]
    public function test_what_makes_no_charge_codes(string $separator, array $codes, array $combinations): void
    {
        $this->expectException(CompositionRefused::class);
        Composition::of($separator, array_map(static fn (array $ofPart): CodedPart => new CodedPart('Part', array_map(static fn (string $code): PartCode => new PartCode($code, $code), $ofPart)), $codes), $combinations);
    }

    /** @param  list<string>  $codes */
    private static function composed(array $codes): string
    {
        try {
            return self::composition()->compose($codes);
        } catch (CompositionRefused $refused) {
            return $refused->fault->value;
        }
    }

    private static function composition(): Composition
    {
        return Composition::of('/', self::parts(), ['WP1 LAB', '* TRV']);
    }

    /** @return list<CodedPart> */
    private static function parts(): array
    {
        return [
            new CodedPart('Work package', [new PartCode('WP1', 'Survey'), new PartCode('WP2', 'Repair')]),
            new CodedPart('Cost', [new PartCode('LAB', 'Labour'), new PartCode('TRV', 'Travel'), new PartCode('OLD', 'Given up', true)]),
        ];
    }
}
