<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Read by PHPStan: which layer may use which. */
final class Dependencies
{
    #[TestRule]
    public function the_core_uses_nothing_but_itself_and_exact_arithmetic(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Moss\Core'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('Moss\Core'),
                Selector::inNamespace('Brick\Math'),
                Selector::classname('/^(BackedEnum|UnitEnum|IteratorAggregate|Traversable|Throwable|DomainException|Iterator|Closure)$/', true),
            )
            ->because('rules must hold without framework, database or clock');
    }

    #[TestRule]
    public function time_and_money_are_at_the_bottom_of_the_core(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Moss\Core\Time'), Selector::inNamespace('Moss\Core\Calendar'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Moss\Core\Planning'),
                Selector::inNamespace('Moss\Core\Effort'),
                Selector::inNamespace('Moss\Core\Sheet'),
                Selector::inNamespace('Moss\Core\QuickLine'),
                Selector::inNamespace('Moss\Core\Review'),
                Selector::inNamespace('Moss\Core\HouseRules'),
                Selector::inNamespace('Moss\Core\Compare'),
            )
            ->because('arrows point inward only');
    }

    #[TestRule]
    public function what_features_share_knows_none_of_them(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Effort'), Selector::inNamespace('App\Support'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Features'), Selector::inNamespace('App\Http'))
            ->because('figures and their recalculation lie below the features');
    }

    #[TestRule]
    public function models_know_no_feature(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Models'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Features'), Selector::inNamespace('App\Exchange'))
            ->because('features use models, not the other way round');
    }
}
