<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\Entry;
use App\Models\EntryPayKind;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\JoinClause;

/**
 * What differences to settled time take away of its premiums: as much as the other kinds of the settled entry cannot give. In one query,
 * and in none where there are no premiums.
 */
final class CorrectedPremiums
{
    /** @param  list<Entry>  $differences  approved, each of the settled entry on its line and the day that it corrects */
    public static function choose(array $differences, PayPremiums $premiums): void
    {
        if ($differences === [] || $premiums->isEmpty()) {
            return;
        }
        $ids = array_map(static fn (Entry $entry): int => $entry->id, $differences);
        $kinds = EntryPayKind::query()->toBase()->join('pay_premiums', 'pay_premiums.id', 'entry_pay_kinds.pay_premium_id')
            ->join('entries AS settled', 'settled.id', 'entry_pay_kinds.entry_id')
            ->join('entries', static fn (JoinClause $join): JoinClause => $join->on('entries.person_id', 'settled.person_id')->on('entries.task_id', 'settled.task_id')->on('entries.corrects', 'settled.date'))
            ->whereIntegerInRaw('entries.id', $ids)->whereNull('settled.corrects')->whereNullSafeEquals('entries.role_id', Sql::column('settled.role_id'))
            ->orderBy('pay_premiums.code')->select('entries.id', 'entries.minutes AS difference', 'settled.minutes', 'pay_premiums.code', 'entry_pay_kinds.minutes AS of_premium');
        $premiumsOf = [];
        $missing = [];
        foreach (Record::all($kinds) as $kind) {
            $premiumsOf[$kind->int('id')][$kind->string('code')] = $kind->int('of_premium');
            // What is taken away comes first of what is no premium.
            $missing[$kind->int('id')] ??= -$kind->int('difference') - $kind->int('minutes');
            $missing[$kind->int('id')] += $kind->int('of_premium');
        }
        $chosen = array_fill_keys($ids, []);
        foreach ($premiumsOf as $entry => $ofEntry) {
            foreach ($ofEntry as $code => $minutes) {
                $taken = min($minutes, max(0, $missing[$entry]));
                $missing[$entry] -= $taken;
                if ($taken > 0) {
                    $chosen[$entry][$code] = -$taken;
                }
            }
        }
        ChosenPay::write($chosen, $premiums);
    }
}
