<?php

declare(strict_types=1);

namespace App\Features\Billing\Queries;

use App\Features\Billing\Props\BillingProps;
use App\Features\Billing\Props\PaidPersonProps;
use App\Features\Billing\Props\PayrollPreviewProps;
use App\Models\BillingKind;
use App\Models\Person;
use App\Pay\ApprovedKinds;
use App\Pay\PayPremiums;
use App\Support\Database\Record;
use Moss\Core\Calendar\Day;
use Moss\Core\Pay\PayKind;

/** What a payroll file would have of each person, by kind of pay as in the file. */
final class PayrollPreview
{
    private const MOST_PEOPLE = 100;

    /** Entries whose kinds are looked for together. */
    private const AT_ONCE = 5_000;

    public static function of(BillingProps $billing): PayrollPreviewProps
    {
        $minutes = self::minutes($billing);
        $sums = [];
        foreach ($minutes as $ofPerson) {
            foreach ($ofPerson as $kind => $of) {
                $sums[$kind] = ($sums[$kind] ?? 0) + $of;
            }
        }
        $premiums = PayPremiums::load();
        $kinds = array_keys($sums) === [PayKind::Regular->value] ? [] : array_values(array_filter($premiums->keys(), static fn (string $kind): bool => isset($sums[$kind])));
        $ofKinds = static fn (array $of): array => array_map(static fn (string $kind): int => $of[$kind] ?? 0, $kinds);
        $people = Person::query()->whereIntegerInRaw('id', array_keys($minutes))->with('team')->orderBy('name')->orderBy('id')->limit(self::MOST_PEOPLE)->get()
            ->map(static fn (Person $person): PaidPersonProps => new PaidPersonProps($person->code, $person->name, $person->team?->name, array_sum($minutes[$person->id]), $ofKinds($minutes[$person->id])));

        return new PayrollPreviewProps(array_map($premiums->name(...), $kinds), array_values($people->all()), count($minutes) - $people->count(), array_sum($sums), $ofKinds($sums));
    }

    /** @return array<int, array<string, int>> of each person by kind of pay, or code of a premium */
    private static function minutes(BillingProps $billing): array
    {
        $entries = UnbilledTime::of(BillingKind::Payroll, null, Day::of($billing->from), Day::of($billing->until))->select('entries.id', 'entries.person_id', 'entries.minutes');
        $minutes = [];
        foreach (Record::each($entries)->chunk(self::AT_ONCE) as $some) {
            $persons = $ofEntries = [];
            foreach ($some as $entry) {
                $persons[$entry->int('id')] = $entry->int('person_id');
                $ofEntries[$entry->int('id')] = $entry->int('minutes');
            }
            foreach (ApprovedKinds::of($ofEntries) as $entry => $kinds) {
                foreach ($kinds as $kind => $of) {
                    $minutes[$persons[$entry]][$kind] = ($minutes[$persons[$entry]][$kind] ?? 0) + $of;
                }
            }
        }

        return $minutes;
    }
}
