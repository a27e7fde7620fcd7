<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\PayRule;
use App\Models\Person;
use App\Pay\Props\PayKindProps;
use App\Pay\Props\PayProps;
use App\Sheet\LineKey;
use App\Support\Language\LocalFormat;
use App\Support\Language\Wording;
use Moss\Core\Pay\PayCause;
use Moss\Core\Pay\PayKind;
use Moss\Core\Pay\PayShare;
use Moss\Core\Time\Minutes;

/** Kinds of pay as people read them: what a week comes to, why, and what each entry is. */
final class PayText
{
    public static function props(PaidWeek $week, Person $reader): PayProps
    {
        $cells = [];
        foreach ($week->entries as $entry) {
            $kinds = $week->kinds->ofEntry($entry->id);
            if ($entry->corrects === null && array_diff_key($kinds, [PayKind::Regular->value => true]) !== []) {
                $cells[LineKey::cell($entry->taskId, $entry->roleId, $entry->date->toString())] = self::kinds($kinds, $reader);
            }
        }

        return new PayProps(self::sums($week), array_map(static fn (PayShare $share): string => self::reason($share, $week->rule, $reader), $week->kinds->shares()), $cells);
    }

    /** As in `40 h regular, 2 h overtime`. */
    public static function sentence(PaidWeek $week, Person $reader): string
    {
        return self::kinds($week->kinds->sums(), $reader);
    }

    public static function name(string $kind): string
    {
        return Wording::of('pay.kinds.'.$kind);
    }

    /** @return list<PayKindProps> in the order of kinds, only those with minutes */
    private static function sums(PaidWeek $week): array
    {
        $sums = $week->kinds->sums();
        $props = [];
        foreach (PayKind::cases() as $kind) {
            if (isset($sums[$kind->value])) {
                $props[] = new PayKindProps($kind, self::name($kind->value), $sums[$kind->value]);
            }
        }

        return $props;
    }

    /** @param  array<string, int>  $kinds  minutes by kind */
    private static function kinds(array $kinds, Person $reader): string
    {
        $told = [];
        foreach (PayKind::cases() as $kind) {
            if (isset($kinds[$kind->value])) {
                $told[] = Wording::of('pay.some', ['hours' => Wording::hours(Minutes::of($kinds[$kind->value]), $reader), 'kind' => mb_strtolower(self::name($kind->value))]);
            }
        }

        return implode(', ', $told);
    }

    private static function reason(PayShare $share, PayRule $rule, Person $reader): string
    {
        $limit = match ($share->cause) {
            PayCause::Day => $rule->daily_over,
            PayCause::LongDay => $rule->daily_double_over,
            PayCause::Week => $rule->weekly_over,
            default => null,
        };

        return Wording::of('pay.causes.'.$share->cause->value, [
            'day' => LocalFormat::day($share->day), 'hours' => Wording::hours(Minutes::of($share->minutes), $reader), 'kind' => mb_strtolower(self::name($share->kind->value)),
            'limit' => $limit === null ? '' : Wording::hours(Minutes::of($limit), $reader),
        ]);
    }
}
