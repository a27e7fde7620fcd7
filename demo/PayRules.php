<?php

declare(strict_types=1);

namespace Demo;

use App\Features\PayRules\Actions\KeepPayPremiums;
use App\Features\PayRules\Actions\KeepPayRules;
use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\SaveCells;
use App\Models\Entry;
use App\Models\PayPremium;
use App\Models\PayRule;
use App\Models\Person;
use App\Models\Team;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;

/**
 * Overtime above 40 hours a week for everybody; on the coast, where days are long, also above 9 hours a day, and dearer. There are people
 * there who stand by when the sea is high.
 */
final readonly class PayRules
{
    public function __construct(private KeepPayRules $rules, private KeepPayPremiums $premiums, private SaveCells $save)
    {
    }

    public function handle(Day $today): void
    {
        $office = Person::query()->where('code', 'tobin.vale')->sole();
        $everybody = ['weekly_over' => 40 * 60, 'sundays' => true, 'holidays' => true, 'falls_on' => 'day'];
        $coast = Team::query()->where('code', 'coast')->sole()->id;
        $this->rules->save($office, new PayRule, $everybody);
        $this->rules->save($office, new PayRule, ['team_id' => $coast, 'starts_on' => Week::containing($today)->plusWeeks(-8)->monday(), 'daily_over' => 9 * 60, 'seventh_day' => true, 'falls_on' => 'last', 'overtime_cost_percent' => 125] + $everybody);
        $this->premiums->save($office, new PayPremium, ['code' => 'stand-by', 'name' => 'Stand-by', 'is_work' => false, 'active' => true, 'cost_percent' => 25], [$coast], []);
        $this->premiums->save($office, new PayPremium, ['code' => 'late-shift', 'name' => 'Late shift', 'is_work' => true, 'active' => true, 'cost_percent' => 115], [$coast], []);
        $this->standBy($today);
    }

    /** Two hours of somebody's first long day of the week. */
    private function standBy(Day $today): void
    {
        $person = Person::query()->where('code', 'yusra.lindqvist')->sole();
        $entry = Entry::query()->inWeek(Week::containing($today))->where('person_id', $person->id)->where('state', EntryState::Draft)->where('minutes', '>=', 240)->orderBy('date')->orderBy('id')->first();
        if ($entry !== null) {
            $this->save->handle($person, $person, [new CellInput($entry->task_id, $entry->role_id, $entry->date, null, $entry->version, pay: ['stand-by' => '2'])]);
        }
    }
}
