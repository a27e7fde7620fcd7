<?php

declare(strict_types=1);

namespace Tests\Core\HouseRules;

use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\Finding;
use Moss\Core\HouseRules\HouseRules;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\Rules\DayRules;
use Moss\Core\HouseRules\Rules\EntryRules;
use Moss\Core\HouseRules\Rules\WeekRules;
use Moss\Core\HouseRules\RuleSetting;
use Moss\Core\HouseRules\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which of the settings of a rule is in force. */
final class HouseRulesTest extends TestCase
{
    /**
     * @param  list<RuleSetting>  $settings
     * @param  list<string>  $expected
     */
    #[DataProvider('settings')]
    public function test_the_setting_that_is_nearest_and_latest_is_in_force(array $settings, SheetBuilder $sheet, array $expected): void
    {
        $findings = array_values(array_filter(HouseRules::of($settings)->check($sheet->sheet()), static fn (Finding $finding): bool => in_array($finding->rule, ['client_note_missing', 'day_above', 'week_above'], true)));

        self::assertSame($expected, array_map(static fn (Finding $finding): string => $finding->severity->value.' '.($finding->place->day?->toString() ?? 'week'), $findings));
    }

    /** @return iterable<string, array{list<RuleSetting>, SheetBuilder, list<string>}> */
    public static function settings(): iterable
    {
        $note = static fn (Severity $severity, ?string $from = null, ?string $team = null, ?string $project = null): RuleSetting => new RuleSetting(EntryRules::clientNoteMissing(), $severity, Limit::none(), $from === null ? null : Day::of($from), $team, $project);
        $day = static fn (Severity $severity, int $limit, ?string $team = null): RuleSetting => new RuleSetting(DayRules::above(), $severity, Limit::of($limit), null, $team);
        $billed = (new SheetBuilder)->with('16', 60, isBillable: true)->with('18', 60, isBillable: true);
        $long = (new SheetBuilder)->with('16', 700);

        yield 'as usual: off' => [[], $billed, []];
        yield 'for everybody' => [[$note(Severity::NeedsExplanation)], $billed, ['explanation 2026-06-16', 'explanation 2026-06-18']];
        yield 'from a day on' => [[$note(Severity::NeedsExplanation, '2026-06-17')], $billed, ['explanation 2026-06-18']];
        yield 'from that very day on' => [[$note(Severity::NeedsExplanation, '2026-06-18')], $billed, ['explanation 2026-06-18']];
        yield 'the later of two' => [[$note(Severity::Blocking, '2026-06-18'), $note(Severity::NeedsExplanation, '2026-06-01')], $billed, ['blocking 2026-06-18', 'explanation 2026-06-16']];
        yield 'the team before everybody' => [[$note(Severity::Blocking, '2026-06-10'), $note(Severity::Information, null, 'field')], $billed, ['information 2026-06-16', 'information 2026-06-18']];
        yield 'another team' => [[$note(Severity::Blocking), $note(Severity::Information, null, 'office')], $billed, ['blocking 2026-06-16', 'blocking 2026-06-18']];
        yield 'nobody’s team' => [[$note(Severity::NeedsExplanation, null, 'field')], (new SheetBuilder)->ofTeam(null)->with('16', 60, isBillable: true), []];
        yield 'the project before the team' => [[$note(Severity::Blocking, null, 'field'), $note(Severity::Off, null, null, 'LENS')], $billed, []];
        yield 'another project' => [[$note(Severity::NeedsExplanation, null, null, 'WEIR')], $billed, []];
        yield 'as usual: asks above twelve hours' => [[], (new SheetBuilder)->with('16', 721), ['explanation 2026-06-16']];
        yield 'another limit' => [[$day(Severity::Blocking, 660)], $long, ['blocking 2026-06-16']];
        yield 'a wider limit for the team' => [[$day(Severity::Blocking, 660), $day(Severity::Blocking, 720, 'field')], $long, []];
        yield 'weeks are judged by their Monday' => [[new RuleSetting(WeekRules::above(), Severity::NeedsExplanation, Limit::of(0), Day::of('2026-06-16'))], (new SheetBuilder)->with('16', 1440)->with('17', 660, isInQuestion: false), ['explanation 2026-06-16']];
        yield 'and hold from the Monday that they name' => [[new RuleSetting(WeekRules::above(), Severity::NeedsExplanation, Limit::of(0), Day::of('2026-06-15'))], (new SheetBuilder)->with('16', 700)->with('17', 700)->with('18', 700), ['explanation week']];
    }

    public function test_what_blocks_comes_first(): void
    {
        $rules = HouseRules::of([new RuleSetting(EntryRules::clientNoteMissing(), Severity::Blocking, Limit::none())]);

        $severities = array_map(static fn (Finding $finding): Severity => $finding->severity, $rules->check((new SheetBuilder)->with('20', 800, isBillable: true)->sheet()));

        self::assertSame([Severity::Blocking, Severity::NeedsExplanation, Severity::Information], array_slice(array_values(array_unique($severities, SORT_REGULAR)), 0, 3));
    }
}
