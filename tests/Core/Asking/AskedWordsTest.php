<?php

declare(strict_types=1);

namespace Tests\Core\Asking;

use Moss\Core\Asking\AskedWords;
use Moss\Core\Asking\FoundName;
use Moss\Core\Asking\NameFinder;
use Moss\Core\Asking\Understood;
use Moss\Core\Calendar\Day;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Search\NameSearch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Today is Wednesday 17 June 2026. */
final class AskedWordsTest extends TestCase
{
    /** @param  array<string, mixed>  $expected  what was understood, by what it is of; all else is as if nothing was said */
    #[DataProvider('examples')]
    public function test_what_is_asked_is_understood(string $text, array $expected): void
    {
        self::assertSame($expected, self::told(self::read($text)));
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function examples(): iterable
    {
        foreach ([
            '' => [],
            'planned vs actual by client last quarter coast team' => ['by' => 'client', 'period' => 'last-quarter', 'names' => ['team coast'], 'measures' => ['planned', 'actual']],
            'who is over 10 % on lens refit' => ['by' => 'person', 'names' => ['project LENS'], 'tolerance' => 10],
            'hours by person this month not billable' => ['by' => 'person', 'period' => 'this-month', 'billable' => false],
            'Cost and margin per project, last 6 months' => ['by' => 'project', 'period' => 'last-6-months', 'measures' => ['cost', 'margin']],
            'by client and month this year' => ['by' => 'client', 'across' => 'month', 'period' => 'this-year'],
            'by client then by person' => ['by' => 'client', 'then' => 'person'],
            'by week and team' => ['by' => 'week', 'then' => 'team'],
            'by project manager across weeks' => ['by' => 'manager', 'across' => 'week'],
            'by charge codes' => ['by' => 'charge-code'],
            'utilisation by team june' => ['by' => 'team', 'days' => '2026-06-01 2026-06-30', 'measures' => ['utilisation']],
            'utilisation october' => ['days' => '2025-10-01 2025-10-31', 'measures' => ['utilisation']],
            'billable share q2 2025' => ['days' => '2025-04-01 2025-06-30', 'measures' => ['billable-share']],
            'q3' => ['days' => '2025-07-01 2025-09-30'],
            'forecast so far' => ['period' => 'to-date', 'measures' => ['forecast']],
            'planned to date by task' => ['by' => 'task', 'measures' => ['planned-to-date']],
            'from 2026-03-05 to 2026-02-01' => ['days' => '2026-02-01 2026-03-05'],
            'from 1 june to 12 june by person' => ['by' => 'person', 'days' => '2026-06-01 2026-06-12'],
            'between 28 may and june 3rd' => ['days' => '2026-05-28 2026-06-03'],
            '1 to 12 june by team' => ['by' => 'team', 'days' => '2026-06-01 2026-06-12'],
            '1st - 12th jun 2025' => ['days' => '2025-06-01 2025-06-12'],
            'april to june by client' => ['by' => 'client', 'days' => '2026-04-01 2026-06-30'],
            'october to march' => ['days' => '2025-10-01 2026-03-31'],
            'may to july' => ['days' => '2026-05-01 2026-07-31'],
            'april to june 2025' => ['days' => '2025-04-01 2025-06-30'],
            'november to january 2026' => ['days' => '2025-11-01 2026-01-31'],
            'december 2025 to february' => ['days' => '2025-12-01 2026-02-28'],
            'q4 to q1' => ['days' => '2025-10-01 2026-03-31'],
            'h1 by client' => ['by' => 'client', 'days' => '2026-01-01 2026-06-30'],
            'h2' => ['days' => '2025-07-01 2025-12-31'],
            'week 23 by person' => ['by' => 'person', 'days' => '2026-06-01 2026-06-07'],
            'w30' => ['days' => '2025-07-21 2025-07-27'],
            'week 1 2026' => ['days' => '2025-12-29 2026-01-04'],
            '2026-w23 to 2026-w24' => ['days' => '2026-06-01 2026-06-14'],
            'week 53' => ['days' => '2020-12-28 2021-01-03'],
            'week 60' => ['unknown' => ['week', '60']],
            '12 june' => ['days' => '2026-06-12 2026-06-12'],
            '18 june' => ['days' => '2025-06-18 2025-06-18'],
            '29 feb' => ['days' => '2024-02-29 2024-02-29'],
            '31 june' => ['days' => '2026-06-01 2026-06-30', 'unknown' => ['31']],
            'today by person' => ['by' => 'person', 'days' => '2026-06-17 2026-06-17'],
            'ines yesterday' => ['days' => '2026-06-16 2026-06-16', 'names' => ['person ines']],
            'since april by role' => ['by' => 'role', 'days' => '2026-04-01 2026-06-17'],
            'since 15 may 2025' => ['days' => '2025-05-15 2026-06-17'],
            'since last month' => ['days' => '2026-05-01 2026-06-17'],
            '2026-06-01 2026-06-12' => ['days' => '2026-06-01 2026-06-12'],
            'since' => ['unknown' => ['since']],
            'to' => ['unknown' => ['to']],
            'june over 10 %' => ['days' => '2026-06-01 2026-06-30', 'tolerance' => 10],
            '2026-03' => ['days' => '2026-03-01 2026-03-31'],
            '2025' => ['days' => '2025-01-01 2025-12-31'],
            'ines calder this week' => ['period' => 'this-week', 'names' => ['person ines']],
            'calder' => ['names' => ['person ines']],
            'client harbour board' => ['names' => ['client harbour']],
            'role surveyor with pending' => ['names' => ['role surveyor'], 'pending' => true],
            'without internal time by person' => ['by' => 'person', 'internal' => false],
            'only internal last month' => ['period' => 'last-month', 'internal' => true],
            'billable by billable' => ['by' => 'billable', 'billable' => true],
            'lens refit coast team' => ['names' => ['project LENS', 'team coast']],
            'lens refit, harbour board' => ['names' => ['project LENS', 'client harbour']],
            'manager ines' => ['names' => ['manager ines']],
            'non-billable within 5 percent' => ['billable' => false, 'tolerance' => 5],
            'over plan by project' => ['by' => 'project'],
            'over by 20 % by team' => ['by' => 'team', 'tolerance' => 20],
            'more than' => ['unknown' => ['more', 'than']],
            'frobnicate by client' => ['by' => 'client', 'unknown' => ['frobnicate']],
            'by luck' => ['unknown' => ['by', 'luck']],
            'lenz refitt' => ['names' => ['project LENS']],
            'harbour' => ['several' => ['harbour' => ['project WALL', 'client harbour']]],
            'within reach' => ['unknown' => ['within', 'reach']],
            'last fortnight' => ['unknown' => ['last', 'fortnight']],
        ] as $text => $expected) {
            yield (string) $text => [(string) $text, $expected];
        }
    }

    public function test_whatever_is_typed_every_word_is_understood_or_said_not_to_be(): void
    {
        $words = ['by', 'client', 'and', 'month', 'last', '6', 'weeks', 'over', '10', '%', 'lens', 'refit', 'zzz', 'billable', 'not', 'team', 'who', 'pending', 'with', 'q2', '2026', 'from', '2026-01-01', 'to'];
        mt_srand(14);
        for ($round = 0; $round < 400; $round++) {
            $text = implode(' ', array_map(static fn (): string => $words[mt_rand(0, count($words) - 1)], range(0, mt_rand(0, 9))));
            $understood = self::read($text);
            self::assertSame(str_contains(' '.$text.' ', ' zzz '), in_array('zzz', $understood->unknown, true), $text);
            self::assertNotSame($understood->by, $understood->by === null ? true : $understood->across);
        }
    }

    private static function read(string $text): Understood
    {
        return AskedWords::read($text, Day::of('2026-06-17'), new class implements NameFinder
        {
            private const NAMES = [
                ['project', 'LENS', 'Skerrow lantern: lens refit'], ['project', 'WALL', 'Harbour wall survey'], ['client', 'harbour', 'Sandle Harbour Board'],
                ['team', 'coast', 'Lights and coast'], ['person', 'ines', 'Ines Calder'], ['person', 'rafe', 'Rafe Penhallow'], ['role', 'surveyor', 'Surveyor'], ['manager', 'ines', 'Ines Calder'],
            ];

            public function find(string $words, array $kinds): array
            {
                $search = new NameSearch($words);
                $found = [];
                foreach (self::NAMES as [$kind, $code, $name]) {
                    $fit = $search->fit($code, $name);
                    if ($fit !== null && in_array(Grouping::from($kind), $kinds, true)) {
                        // As if a code were no better than a name, so that several can be meant.
                        $found[] = new FoundName(Grouping::from($kind), $code, $name, $words === 'harbour' ? 1 : $fit);
                    }
                }
                usort($found, static fn (FoundName $one, FoundName $other): int => $other->fit <=> $one->fit);

                return $found;
            }
        });
    }

    /** @return array<string, mixed> what was said */
    private static function told(Understood $understood): array
    {
        $name = static fn (FoundName $found): string => $found->kind->value.' '.$found->code;

        return array_filter([
            'by' => $understood->by?->value,
            'then' => $understood->then?->value,
            'across' => $understood->across?->value,
            'period' => $understood->period,
            'days' => $understood->days === null ? null : $understood->days->first()->toString().' '.$understood->days->last()->toString(),
            'names' => array_map($name, $understood->names),
            'internal' => $understood->internal,
            'billable' => $understood->billable,
            'pending' => $understood->withPending ?: null,
            'tolerance' => $understood->tolerance,
            'measures' => array_map(static fn (Measure $measure): string => $measure->value, $understood->measures),
            'unknown' => $understood->unknown,
            'several' => array_map(static fn (array $several): array => array_map($name, $several), $understood->several),
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
    }
}
