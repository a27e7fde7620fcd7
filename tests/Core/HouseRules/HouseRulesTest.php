<?php

declare(strict_types=1);

namespace Tests\Core\HouseRules;

use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\Finding;
use Moss\Core\HouseRules\HouseRules;
use Moss\Core\HouseRules\Level;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\Rules\ClientNoteMissing;
use Moss\Core\HouseRules\Rules\DayAbove;
use Moss\Core\HouseRules\Rules\WeekAbove;
use Moss\Core\HouseRules\RuleSetting;
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

        self::assertSame($expected, array_map(static fn (Finding $finding): string => $finding->level->value.' '.($finding->place->day?->toString() ?? 'week'), $findings));
    }

    /** @return iterable<string, array{list<RuleSetting>, SheetBuilder, list<string>}> */
    public static function settings(): iterable
    {
        $note = static fn (Level $level, ?string $from = null, ?string $team = null, ?string $project = null): RuleSetting => new RuleSetting(new ClientNoteMissing, $level, Limit::none(), $from === null ? null : Day::of($from), $team, $project);
        $day = static fn (Level $level, int $limit, ?string $team = null): RuleSetting => new RuleSetting(new DayAbove, $level, Limit::of($limit), null, $team);
        $billed = (new SheetBuilder)->with('16', 60, isBillable: true)->with('18', 60, isBillable: true);
        $long = (new SheetBuilder)->with('16', 700);

        yield 'as usual: off' => [[], $billed, []];
        yield 'for everybody' => [[$note(Level::Asks)], $billed, ['asks 2026-06-16', 'asks 2026-06-18']];
        yield 'from a day on' => [[$note(Level::Asks, '2026-06-17')], $billed, ['asks 2026-06-18']];
        yield 'from that very day on' => [[$note(Level::Asks, '2026-06-18')], $billed, ['asks 2026-06-18']];
        yield 'the later of two' => [[$note(Level::Blocks, '2026-06-18'), $note(Level::Asks, '2026-06-01')], $billed, ['blocks 2026-06-18', 'asks 2026-06-16']];
        yield 'the team before everybody' => [[$note(Level::Blocks, '2026-06-10'), $note(Level::Mentions, null, 'field')], $billed, ['mentions 2026-06-16', 'mentions 2026-06-18']];
        yield 'another team' => [[$note(Level::Blocks), $note(Level::Mentions, null, 'office')], $billed, ['blocks 2026-06-16', 'blocks 2026-06-18']];
        yield 'nobody’s team' => [[$note(Level::Asks, null, 'field')], (new SheetBuilder)->ofTeam(null)->with('16', 60, isBillable: true), []];
        yield 'the project before the team' => [[$note(Level::Blocks, null, 'field'), $note(Level::Off, null, null, 'LENS')], $billed, []];
        yield 'another project' => [[$note(Level::Asks, null, null, 'WEIR')], $billed, []];
        yield 'as usual: asks above twelve hours' => [[], (new SheetBuilder)->with('16', 721), ['asks 2026-06-16']];
        yield 'another limit' => [[$day(Level::Blocks, 660)], $long, ['blocks 2026-06-16']];
        yield 'a wider limit for the team' => [[$day(Level::Blocks, 660), $day(Level::Blocks, 720, 'field')], $long, []];
        yield 'weeks are judged by their Monday' => [[new RuleSetting(new WeekAbove, Level::Asks, Limit::of(0), Day::of('2026-06-16'))], (new SheetBuilder)->with('16', 1440)->with('17', 660, isInQuestion: false), ['asks 2026-06-16']];
        yield 'and hold from the Monday that they name' => [[new RuleSetting(new WeekAbove, Level::Asks, Limit::of(0), Day::of('2026-06-15'))], (new SheetBuilder)->with('16', 700)->with('17', 700)->with('18', 700), ['asks week']];
    }

    public function test_what_blocks_comes_first(): void
    {
        $rules = HouseRules::of([new RuleSetting(new ClientNoteMissing, Level::Blocks, Limit::none())]);

        $levels = array_map(static fn (Finding $finding): Level => $finding->level, $rules->check((new SheetBuilder)->with('20', 800, isBillable: true)->sheet()));

        self::assertSame([Level::Blocks, Level::Asks, Level::Mentions], array_slice(array_values(array_unique($levels, SORT_REGULAR)), 0, 3));
    }
}
