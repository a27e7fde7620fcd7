<?php

declare(strict_types=1);

namespace Tests\Core\HouseRules;

use Moss\Core\Calendar\Absence;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Employment;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Calendar\Holiday;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\Week;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Clock\Attendance;
use Moss\Core\HouseRules\CheckedEntry;
use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\CheckedTask;
use Moss\Core\Sheet\Line;
use Moss\Core\Time\Minutes;

/**
 * A sheet of week 25 of 2026, eight hours from Monday to Thursday and six on Friday: 34 h expected, for Monday the 15th is
 * half a holiday. Today is Wednesday the 17th.
 */
final class SheetBuilder
{
    /** @var list<CheckedEntry> */
    private array $entries = [];

    /** @var array<string, Attendance> */
    private array $attendance = [];

    private ?Absence $absence = null;

    private string $today = '2026-06-17';

    private bool $isWhole = false;

    private ?Minutes $step = null;

    private ?string $team = 'field';

    /** @param  list<string>  $missingFields */
    public function with(string $day, int $minutes, string $line = 'LENS FIT', ?CheckedTask $task = null, bool $isInQuestion = true, bool $isBillable = false, string $note = '', string $clientNote = '', ?string $recordedBy = null, array $missingFields = [], bool $lacksChargeCode = false): self
    {
        [$project, $code] = explode(' ', $line);
        $this->entries[] = new CheckedEntry(new Line($project, $code, null), Day::of('2026-06-'.$day), Minutes::of($minutes), $task ?? new CheckedTask, $isInQuestion, $isBillable, $note, $clientNote, $recordedBy, $missingFields, $lacksChargeCode);

        return $this;
    }

    /** As many minutes on each day of the work week. */
    public function everyDay(int $minutes): self
    {
        foreach (['15', '16', '17', '18', '19'] as $day) {
            $this->with($day, $minutes);
        }

        return $this;
    }

    public function onToday(string $day): self
    {
        $this->today = $day;

        return $this;
    }

    public function whole(): self
    {
        $this->isWhole = true;

        return $this;
    }

    public function inSteps(int $minutes): self
    {
        $this->step = Minutes::of($minutes);

        return $this;
    }

    public function ofTeam(?string $team): self
    {
        $this->team = $team;

        return $this;
    }

    public function spanning(string $day, int $minutes, int $breaks = 0, int $starts = 480): self
    {
        $this->attendance['2026-06-'.$day] = Attendance::of($starts, $starts + $minutes + $breaks, [], $breaks);

        return $this;
    }

    /** @param  int|null  $minutes  null for all that is expected */
    public function absentOn(string $day, ?int $minutes): self
    {
        $this->absence = new Absence(Day::of('2026-06-'.$day), $minutes === null ? null : Minutes::of($minutes));

        return $this;
    }

    public function sheet(): CheckedSheet
    {
        $holidays = HolidayCalendar::of([Holiday::on(Day::of('2026-06-15'), 'Harbour Day', '0.5')]);
        $expected = ExpectedHours::of(new Capacity(WorkPattern::of('8 8 8 8 6 0 0'), $holidays), new Employment(null, null), array_filter([$this->absence]));
        $absences = $this->absence === null ? [] : [$this->absence->day->toString() => 'Leave'];

        return new CheckedSheet(Week::of('2026-W25'), Day::of($this->today), $this->team, $this->isWhole, $expected, $holidays, $absences, $this->step, $this->attendance, $this->entries);
    }
}
