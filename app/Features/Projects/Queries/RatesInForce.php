<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\DatedRate;
use Moss\Core\Money\Pricing;
use Moss\Core\Money\Rate;
use Moss\Core\Money\RateCard;

/** The rate card and the usual roles of people, in two queries. */
final class RatesInForce
{
    public static function load(): Pricing
    {
        $query = DB::table('rates')
            ->leftJoin('people', 'people.id', 'rates.person_id')
            ->leftJoin('roles', 'roles.id', 'rates.role_id')
            ->select('people.code AS person', 'roles.code AS role', 'rates.starts_on', 'rates.cost_rate', 'rates.bill_rate');
        $rates = [];
        foreach (Record::all($query) as $record) {
            $bill = $record->stringOrNull('bill_rate');
            $rates[] = new DatedRate(
                $record->stringOrNull('person'),
                $record->stringOrNull('role'),
                Day::of($record->string('starts_on')),
                Rate::of($record->string('cost_rate')),
                $bill === null ? null : Rate::of($bill),
            );
        }

        return Pricing::from(RateCard::of($rates), self::usualRoles());
    }

    /** @return array<string, string|null> role code by person code */
    public static function usualRoles(): array
    {
        $roles = [];
        foreach (Record::all(DB::table('people')->leftJoin('roles', 'roles.id', 'people.role_id')->select('people.code', 'roles.code AS role')) as $record) {
            $roles[$record->string('code')] = $record->stringOrNull('role');
        }

        return $roles;
    }
}
