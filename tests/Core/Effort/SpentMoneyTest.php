<?php

declare(strict_types=1);

namespace Tests\Core\Effort;

use Moss\Core\Effort\Figures;
use Moss\Core\Effort\SpentMoney;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\TestCase;

final class SpentMoneyTest extends TestCase
{
    public function test_what_was_spent_counts_as_cost_and_against_the_budget(): void
    {
        $figures = Figures::zero()->against(Minutes::ofHours(10), Money::of('1000'))->withSpent(new SpentMoney(Money::of('120.50'), Money::of('30')));

        self::assertSame(['120.50', '150.50', '150.50', '879.50'], [$figures->actualCost->known->toString(), $figures->enteredCost->known->toString(), $figures->forecastCost->known->toString(), $figures->budgetLeft()?->toString()]);
        self::assertSame(['0.00', 600], [$figures->plannedCost->known->toString(), $figures->planned->toInt()], 'it is no part of the plan');
    }

    public function test_sums_are_those_of_their_parts(): void
    {
        $one = Figures::zero()->withSpent(new SpentMoney(Money::of('1.10'), Money::zero()));
        $other = Figures::zero()->withSpent(new SpentMoney(Money::of('2.20'), Money::of('0.30')));

        self::assertEquals(Figures::zero()->withSpent(new SpentMoney(Money::of('3.30'), Money::of('0.30'))), $one->plus($other));
    }
}
