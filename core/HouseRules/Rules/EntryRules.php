<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\HouseRules\CheckedEntry;
use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\LimitRange;
use Moss\Core\HouseRules\LimitUnit;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;

/**
 * Rules on entries by themselves: their minutes, their notes, their age, and who recorded them.
 */
final readonly class EntryRules
{
    /** Time that is no multiple of the organisation's step. */
    public static function offStep(): HouseRule
    {
        return HouseRule::onEntry(RuleCode::OffStep, Severity::Information, static function (CheckedEntry $entry, CheckedSheet $sheet): ?array {
            $step = $sheet->step?->toInt() ?? 0;

            return $step !== 0 && $entry->minutes->toInt() % $step !== 0 ? ['entered' => $entry->minutes, 'step' => $step] : null;
        });
    }

    /** Time that is billed has no note for the client. */
    public static function clientNoteMissing(): HouseRule
    {
        return HouseRule::onEntry(RuleCode::ClientNoteMissing, Severity::Off, static fn (CheckedEntry $entry): ?array => $entry->isBillable && $entry->clientNote === '' ? [] : null);
    }

    /** Non-project time has no note. */
    public static function noteMissing(): HouseRule
    {
        return HouseRule::onEntry(RuleCode::NoteMissing, Severity::Off, static fn (CheckedEntry $entry): ?array => $entry->task->isInternal && $entry->note === '' ? [] : null);
    }

    /** A note that there is has fewer characters than the limit. */
    public static function noteShort(): HouseRule
    {
        return HouseRule::onEntry(RuleCode::NoteShort, Severity::Off, static function (CheckedEntry $entry, CheckedSheet $sheet, Limit $limit): ?array {
            $lengths = array_filter([mb_strlen(trim($entry->note)), mb_strlen(trim($entry->clientNote))]);

            return $lengths !== [] && min($lengths) < $limit->toInt() ? ['length' => min($lengths), 'limit' => $limit->toInt()] : null;
        }, new LimitRange(LimitUnit::Characters, 2, 200, 8));
    }

    /** An own field that is required holds nothing. */
    public static function fieldMissing(): HouseRule
    {
        return HouseRule::onEntry(RuleCode::FieldMissing, Severity::Blocking, static fn (CheckedEntry $entry): ?array => $entry->missingFields === [] ? null : ['fields' => implode(', ', $entry->missingFields)]);
    }

    /** The client composes charge codes, and there is none. */
    public static function chargeCodeMissing(): HouseRule
    {
        return HouseRule::onEntry(RuleCode::ChargeCodeMissing, Severity::Blocking, static fn (CheckedEntry $entry): ?array => $entry->lacksChargeCode ? [] : null);
    }

    /** The day is longer ago than the limit. */
    public static function oldTime(): HouseRule
    {
        return HouseRule::onEntry(RuleCode::OldTime, Severity::Information, static function (CheckedEntry $entry, CheckedSheet $sheet, Limit $limit): ?array {
            $days = $entry->day->daysUntil($sheet->today);

            return $days > $limit->toInt() ? ['days' => $days, 'limit' => $limit->toInt()] : null;
        }, new LimitRange(LimitUnit::Days, 1, 400, 28));
    }

    /** The same time stands on a line on as many days running as the limit says. */
    public static function sameEveryDay(): HouseRule
    {
        return HouseRule::onLine(RuleCode::SameEveryDay, Severity::Off, static function (array $entries, Limit $limit): array {
            $found = [];
            $run = [];
            foreach ($entries as $entry) {
                $before = end($run);
                $goesOn = $before !== false && $before->day->daysUntil($entry->day) === 1 && $before->minutes->equals($entry->minutes);
                $run = $goesOn ? [...$run, $entry] : [$entry];
                if (count($run) === $limit->toInt() && array_filter($run, static fn (CheckedEntry $entry): bool => $entry->isInQuestion) !== []) {
                    $found[] = ['entered' => $entry->minutes, 'days' => $limit->toInt()];
                }
            }

            return $found;
        }, new LimitRange(LimitUnit::Days, 3, 7, 5));
    }

    /** Somebody else than the owner recorded it. */
    public static function recordedByAnother(): HouseRule
    {
        return HouseRule::onEntry(RuleCode::RecordedByAnother, Severity::Information, static fn (CheckedEntry $entry): ?array => $entry->recordedBy === null ? null : ['name' => $entry->recordedBy]);
    }
}
