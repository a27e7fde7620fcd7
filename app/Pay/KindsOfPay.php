<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\PayPremium;
use App\Models\PayRule;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Whether there is anything but regular time, so that nobody else has to ask. */
final class KindsOfPay
{
    /** Beside each row of a query. */
    public static function exist(): Builder
    {
        return DB::query()->fromSub(PayRule::query()->toBase()->select('id')->unionAll(PayPremium::query()->toBase()->select('id')), 'kinds_of_pay')->select(Sql::exists());
    }
}
