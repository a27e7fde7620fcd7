<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\PayRule;
use Moss\Core\Pay\PayKind;
use Moss\Core\Pay\PayWeek;

/** A person's week by kinds of pay, with the rule that holds and the entries that it is of. */
final readonly class PaidWeek
{
    /**
     * @param  PayRule  $rule  one that says nothing, where only premiums are chosen
     * @param  list<PayEntry>  $entries
     * @param  array<int, array<string, int>>  $chosen  what was asked for by hand, by entry
     */
    public function __construct(public PayWeek $kinds, public PayRule $rule, public array $entries, public PayPremiums $premiums, public array $chosen)
    {
    }

    /**
     * What a minute costs, as a percentage of what a regular one costs.
     *
     * @param  string  $key  a kind, or the code of a premium
     */
    public function costPercent(string $key): int
    {
        return $this->premiums->named($key)->cost_percent ?? $this->rule->costPercent(PayKind::ofKey($key));
    }

    /** As many hundredths of minutes as an entry costs; null where each of its minutes costs one. */
    public function costedHundredths(int $entry): ?int
    {
        [$minutes, $costed] = [0, 0];
        foreach ($this->kinds->ofEntry($entry) as $key => $some) {
            $minutes += $some;
            $costed += $some * $this->costPercent($key);
        }

        return $costed === 100 * $minutes ? null : $costed;
    }
}
