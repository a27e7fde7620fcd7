<?php

declare(strict_types=1);

namespace Demo;

use App\Features\Month\Actions\EnterCells;
use App\Features\Month\Actions\TypedCell;
use App\Models\Access;
use App\Models\Person;
use App\Models\Role;
use App\Models\Task;
use App\Models\Team;
use Illuminate\Support\Facades\Hash;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Time\DayUnit;

/** A team that has just begun, and hands in a month counted in half days. */
final readonly class ByTheMonth
{
    public function __construct(private EnterCells $enter)
    {
    }

    public function handle(Day $today): void
    {
        $lead = Person::query()->where('code', 'brannoc.leigh')->sole();
        $team = Team::query()->create(['code' => 'tides', 'name' => 'Tide study', 'lead_id' => $lead->id, 'timesheet_period' => TimesheetPeriod::Month, 'counted_in' => DayUnit::HalfDay]);
        $month = TimesheetPeriod::Month->containing($today);
        $person = Person::query()->create([
            'code' => 'lowri.penrose', 'name' => 'Lowri Penrose', 'email' => 'lowri.penrose@fenlight.example', 'team_id' => $team->id, 'manager_id' => $lead->id, 'access' => Access::Member,
            'role_id' => Role::query()->where('code', 'ecologist')->sole()->id, 'timezone' => 'Europe/Dublin', 'starts_on' => $month->first(), 'password' => Hash::make(ActsCommand::PASSWORD),
        ])->refresh();
        if ($today->isAfter($month->first())) {
            $this->enter->handle($person, $month, self::cells(DayRange::between($month->first(), $today->plusDays(-1))));
        }
    }

    /** @return list<TypedCell> days of training, every third of them half in the workshop */
    private static function cells(DayRange $days): array
    {
        [$training, $workshop] = array_map(static fn (string $code): int => Task::query()->where('code', $code)->sole()->id, ['TRAINING', 'WORKSHOP']);
        $cells = [];
        foreach ($days as $day) {
            if ($day->weekday() <= 5) {
                $isShared = count($cells) % 3 === 2;
                $cells[] = new TypedCell($training, null, $day, $isShared ? '0.5' : '1', null);
                if ($isShared) {
                    $cells[] = new TypedCell($workshop, null, $day, '0.5', null);
                }
            }
        }

        return $cells;
    }
}
