<?php

declare(strict_types=1);

namespace Demo;

use App\Features\PayRules\Actions\KeepPayRules;
use App\Models\PayRule;
use App\Models\Person;
use App\Models\Team;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** Overtime above 40 hours a week for everybody; on the coast, where days are long, also above 9 hours a day. */
final readonly class PayRules
{
    public function __construct(private KeepPayRules $rules)
    {
    }

    public function handle(Day $today): void
    {
        $office = Person::query()->where('code', 'tobin.vale')->sole();
        $everybody = ['weekly_over' => 40 * 60, 'sundays' => true, 'holidays' => true, 'falls_on' => 'day'];
        $this->rules->save($office, new PayRule, $everybody);
        $this->rules->save($office, new PayRule, ['team_id' => Team::query()->where('code', 'coast')->sole()->id, 'starts_on' => Week::containing($today)->plusWeeks(-8)->monday(), 'daily_over' => 9 * 60, 'seventh_day' => true, 'falls_on' => 'last'] + $everybody);
    }
}
