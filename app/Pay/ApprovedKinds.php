<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\EntryPayKind;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Moss\Core\Pay\PayKind;

/** What approved entries are paid as: as was stored when they were approved, else regular. In one query. */
final class ApprovedKinds
{
    /**
     * @param  array<int, int>  $minutes  by entry
     * @return array<int, array<string, int>> minutes by kind or premium of each of these entries; they add up to its minutes
     */
    public static function of(array $minutes): array
    {
        $stored = [];
        foreach ($minutes === [] ? [] : Record::all(EntryPayKind::query()->toBase()->leftJoin('pay_premiums', 'pay_premiums.id', 'entry_pay_kinds.pay_premium_id')->whereIntegerInRaw('entry_pay_kinds.entry_id', array_keys($minutes))
            ->select('entry_pay_kinds.entry_id', 'entry_pay_kinds.minutes', Sql::first(['pay_premiums.code', 'entry_pay_kinds.kind'], 'kind'))) as $one) {
            $stored[$one->int('entry_id')][$one->string('kind')] = $one->int('minutes');
        }
        $kinds = [];
        foreach ($minutes as $entry => $of) {
            $kinds[$entry] = isset($stored[$entry]) && array_sum($stored[$entry]) === $of ? $stored[$entry] : [PayKind::Regular->value => $of];
        }

        return $kinds;
    }
}
