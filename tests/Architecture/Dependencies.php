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
                Selector::classname('/^(BackedEnum|UnitEnum|IteratorAggregate|Traversable|Throwable|DomainException|Iterator|Closure|DateTimeImmutable|DateTimeZone)$/', true),
            )
            ->because('rules must hold without framework, database or clock');
    }

    #[TestRule]
    public function time_and_money_are_at_the_bottom_of_the_core(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Moss\Core\Time'), Selector::inNamespace('Moss\Core\Calendar'), Selector::inNamespace('Moss\Core\Clock'))
            ->shouldNotDependOn()
            ->classes(
                Selector::inNamespace('Moss\Core\Planning'),
                Selector::inNamespace('Moss\Core\Effort'),
                Selector::inNamespace('Moss\Core\Sheet'),
                Selector::inNamespace('Moss\Core\QuickLine'),
                Selector::inNamespace('Moss\Core\Review'),
                Selector::inNamespace('Moss\Core\HouseRules'),
                Selector::inNamespace('Moss\Core\Compare'),
                Selector::inNamespace('Moss\Core\Asking'),
                Selector::inNamespace('Moss\Core\Learning'),
            )
            ->because('arrows point inward only');
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function what_lies_below_the_features_knows_none_of_them(): iterable
    {
        foreach (Features::KERNELS as $kernel => $uses) {
            $others = array_diff(array_keys(Features::KERNELS), [$kernel], $uses);
            yield $kernel => PHPat::rule()
                ->classes(Selector::inNamespace('App\\'.$kernel))
                ->shouldNotDependOn()
                ->classes(
                    Selector::inNamespace('App\Features'),
                    Selector::inNamespace('App\Http'),
                    Selector::inNamespace('App\Exchange'),
                    ...array_map(static fn (string $other) => Selector::inNamespace('App\\'.$other), array_values($others)),
                )
                ->because('features share it, and kernels have an order of their own');
        }
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function features_use_what_others_offer_in_one_order(): iterable
    {
        foreach (Features::USES as $feature => $uses) {
            yield $feature => PHPat::rule()
                ->classes(Selector::inNamespace('App\Features\\'.$feature))
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace('App\Features'), Selector::inNamespace('App\Exchange'))
                ->excluding(Selector::inNamespace('App\Features\\'.$feature), ...self::offered($uses))
                ->because('a feature is changed without looking into all the others');
        }
    }

    #[TestRule]
    public function files_in_and_out_use_what_features_offer(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Exchange'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Features'))
            ->excluding(...self::offered(Features::EXCHANGE_USES))
            ->because('an import passes through the same acts as a screen');
    }

    #[TestRule]
    public function support_and_http_know_no_feature(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Support'), Selector::inNamespace('App\Http'), Selector::inNamespace('App\Policies'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Features'), Selector::inNamespace('App\Exchange'))
            ->because('they are the same whatever the application can do');
    }

    #[TestRule]
    public function support_knows_nothing_but_models(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Support'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Http'), ...array_map(static fn (string $kernel) => Selector::inNamespace('App\\'.$kernel), array_keys(Features::KERNELS)))
            ->because('everything else stands on it');
    }

    #[TestRule]
    public function models_know_only_the_core(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Models'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App'))
            ->excluding(Selector::inNamespace('App\Models'))
            ->because('features use models, not the other way round');
    }

    /**
     * @param  list<string>  $features
     * @return list<\PHPat\Selector\SelectorInterface>
     */
    private static function offered(array $features): array
    {
        $selectors = [];
        foreach ($features as $feature) {
            foreach (Features::OFFERS[$feature] ?? [] as $class) {
                $selectors[] = Selector::classname('App\Features\\'.$feature.'\\'.$class);
            }
        }

        return $selectors;
    }
}
