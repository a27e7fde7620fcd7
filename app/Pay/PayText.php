<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\PayPremium;
use App\Models\PayRule;
use App\Models\Person;
use App\Pay\Props\PayKindProps;
use App\Pay\Props\PayOptionProps;
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
    /** @param  list<PayPremium>  $premiums  that its owner may choose */
    public static function props(PaidWeek $week, Person $reader, array $premiums): PayProps
    {
        $cells = [];
        foreach ($week->entries as $entry) {
            $kinds = $week->kinds->ofEntry($entry->id);
            if ($entry->corrects === null && (array_diff_key($kinds, [PayKind::Regular->value => true]) !== [] || isset($week->chosen[$entry->id]))) {
                $cells[LineKey::cell($entry->taskId, $entry->roleId, $entry->date->toString())] = self::kinds($kinds, $week->premiums, $reader).self::refused($week, $entry, $kinds, $reader);
            }
        }

        return new PayProps(self::sums($week), array_map(static fn (PayShare $share): string => self::reason($share, $week->rule, $reader), $week->kinds->shares()), self::options($week, $premiums), $cells);
    }

    /** As in `40 h regular, 2 h overtime`. */
    public static function sentence(PaidWeek $week, Person $reader): string
    {
        return self::kinds($week->kinds->sums(), $week->premiums, $reader);
    }

    /**
     * @param  list<PayPremium>  $premiums
     * @return list<PayOptionProps>
     */
    private static function options(PaidWeek $week, array $premiums): array
    {
        $options = [];
        foreach (PayKind::cases() as $kind) {
            if ($kind->isMovable() && in_array($kind, array_map(static fn (PayShare $share): PayKind => $share->kind, $week->kinds->shares()), true)) {
                $options[] = new PayOptionProps($kind->value, $week->premiums->name($kind->value));
            }
        }

        return [...$options, ...array_map(static fn (PayPremium $premium): PayOptionProps => new PayOptionProps($premium->code, $premium->name), $premiums)];
    }

    /** @return list<PayKindProps> in the order of kinds, only those with minutes */
    private static function sums(PaidWeek $week): array
    {
        $sums = $week->kinds->sums();
        $props = [];
        foreach ($week->premiums->keys() as $key) {
            if (isset($sums[$key])) {
                $props[] = new PayKindProps($key, $week->premiums->name($key), $sums[$key]);
            }
        }

        return $props;
    }

    /** @param  array<string, int>  $kinds  minutes by kind or premium */
    private static function kinds(array $kinds, PayPremiums $premiums, Person $reader): string
    {
        $told = [];
        foreach ($premiums->keys() as $key) {
            if (isset($kinds[$key])) {
                $told[] = Wording::of('pay.some', ['hours' => Wording::hours(Minutes::of($kinds[$key]), $reader), 'kind' => mb_strtolower($premiums->name($key))]);
            }
        }

        return implode(', ', $told);
    }

    /**
     * What was asked for by hand and cannot be, since the rule has less or more of it.
     *
     * @param  array<string, int>  $kinds
     */
    private static function refused(PaidWeek $week, PayEntry $entry, array $kinds, Person $reader): string
    {
        $told = '';
        foreach ($entry->state->isActual() ? [] : $week->chosen[$entry->id] ?? [] as $key => $minutes) {
            if (min($minutes, $entry->minutes->toInt()) !== ($kinds[$key] ?? 0)) {
                $told .= ' '.Wording::of('pay.asked', ['hours' => Wording::hours(Minutes::of($minutes), $reader), 'kind' => mb_strtolower($week->premiums->name($key))]);
            }
        }

        return $told;
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
            'day' => LocalFormat::day($share->day), 'hours' => Wording::hours(Minutes::of($share->minutes), $reader), 'kind' => mb_strtolower(Wording::of('pay.kinds.'.$share->kind->value)),
            'limit' => $limit === null ? '' : Wording::hours(Minutes::of($limit), $reader),
        ]);
    }
}
