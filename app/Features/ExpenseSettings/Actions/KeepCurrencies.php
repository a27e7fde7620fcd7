<?php

declare(strict_types=1);

namespace App\Features\ExpenseSettings\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Currency;
use App\Models\ExchangeRate;
use App\Models\Expense;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Adds, changes and removes currencies and their rates. Expenses keep the rate that they were worked out with. */
final readonly class KeepCurrencies
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @param  array{Day, string}|null  $rate  from a day on; one of the same day is replaced */
    public function save(Person $by, string $code, int $places, int $step, ?array $rate): void
    {
        DB::transaction(function () use ($by, $code, $places, $step, $rate): void {
            $currency = Currency::query()->where('code', $code)->first();
            $before = $currency === null ? null : ['places' => $currency->places, 'step' => $currency->step];
            $currency = Currency::query()->updateOrCreate(['code' => $code], ['places' => $places, 'step' => $step]);
            $after = ['places' => $places, 'step' => $step];
            if ($rate !== null) {
                ExchangeRate::query()->updateOrCreate(['currency_id' => $currency->id, 'starts_on' => $rate[0]->toString()], ['rate' => $rate[1]]);
                $after += ['exchange_rate' => $rate[1], 'from' => $rate[0]->toString()];
            }
            $this->note($by, $code, $before === null ? 'add' : 'change', $before, $after);
        });
    }

    /** @return bool false if expenses are in it */
    public function remove(Person $by, Currency $currency): bool
    {
        return DB::transaction(function () use ($by, $currency): bool {
            if (Expense::query()->where('currency_id', $currency->id)->exists()) {
                return false;
            }
            $this->note($by, $currency->code, 'remove', ['places' => $currency->places, 'step' => $currency->step], null);
            $currency->delete();

            return true;
        });
    }

    public function removeRate(Person $by, ExchangeRate $rate): void
    {
        DB::transaction(function () use ($by, $rate): void {
            $this->note($by, $rate->currency->code, 'change', ['exchange_rate' => $rate->rate, 'from' => $rate->starts_on->toString()], null);
            $rate->delete();
        });
    }

    /**
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    private function note(Person $by, string $code, string $act, ?array $before, ?array $after): void
    {
        $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::ExpenseSetting, $code, $act, $by, $before, $after)]);
    }
}
