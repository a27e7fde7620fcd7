<?php

declare(strict_types=1);

namespace App\Expenses;

use App\Models\Currency;
use App\Models\ExchangeRate;
use App\Models\Organisation;
use Moss\Core\Calendar\Day;
use Moss\Core\Expenses\Currency as CoreCurrency;
use Moss\Core\Expenses\ExchangeRate as CoreExchangeRate;

/** The currencies that amounts may be in: the organisation's own, and those that the office keeps. */
final readonly class Currencies
{
    /**
     * @param  array<string, Currency>  $others  by code, without the organisation's own
     * @param  int  $step  the smallest coin of the organisation's currency, in cents
     */
    private function __construct(public CoreCurrency $own, private array $others, public int $step)
    {
    }

    public static function load(): self
    {
        $code = Organisation::query()->sole()->currency;
        $all = [];
        foreach (Currency::query()->orderBy('code')->get() as $currency) {
            $all[$currency->code] = $currency;
        }
        $own = $all[$code] ?? null;
        unset($all[$code]);

        // Money is kept in hundredths, whatever the currency.
        return new self(CoreCurrency::of($code), $all, max(1, $own->step ?? 1));
    }

    /** @return list<string> the organisation's own first */
    public function codes(): array
    {
        return [$this->own->code, ...array_keys($this->others)];
    }

    public function has(string $code): bool
    {
        return $code === $this->own->code || isset($this->others[$code]);
    }

    /** What is stored for a currency; null for the organisation's own. */
    public function id(string $code): ?int
    {
        return ($this->others[$code] ?? null)?->id;
    }

    public function of(string $code): CoreCurrency
    {
        return ($this->others[$code] ?? null)?->currency() ?? $this->own;
    }

    public function ofId(?int $id): CoreCurrency
    {
        foreach ($this->others as $currency) {
            if ($currency->id === $id) {
                return $currency->currency();
            }
        }

        return $this->own;
    }

    /** The rate in force on a day; null where the office has none. */
    public function rateOn(string $code, Day $day): ?CoreExchangeRate
    {
        if ($code === $this->own->code) {
            return CoreExchangeRate::one();
        }
        $rate = ExchangeRate::query()->where('currency_id', $this->id($code))->where('starts_on', '<=', $day->toString())->orderByDesc('starts_on')->first();

        return $rate === null ? null : CoreExchangeRate::of($rate->rate);
    }
}
