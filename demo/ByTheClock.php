<?php

declare(strict_types=1);

namespace Demo;

use App\Models\Entry;
use App\Models\Person;
use App\Models\Stretch;
use App\Models\StretchSource;
use App\Models\Timer;
use App\Models\TimerRun;
use App\Support\Clock\Today;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Clock\ClockSpan;
use Moss\Core\Clock\ClockTime;
use Moss\Core\Clock\DaySpans;

/** Who records by the clock: one whose days are drawn, and one with a timer that is paused. */
final readonly class ByTheClock
{
    public function __construct(private Today $today)
    {
    }

    public function handle(Day $today): void
    {
        $this->draw(Person::query()->where('code', 'callum.reyes')->sole(), Week::containing($today));
        $this->time(Person::query()->where('code', 'fenna.holt')->sole());
    }

    /** What is entered in the week lies one after the other from half past eight, with lunch between. */
    private function draw(Person $person, Week $week): void
    {
        $days = Entry::query()->where('person_id', $person->id)->inWeek($week)->orderBy('date')->orderBy('id')->get()->groupBy(static fn (Entry $entry): string => $entry->date->toString());
        foreach ($days as $date => $entries) {
            $taken = DaySpans::of([ClockSpan::read('12:30-13:15')]);
            foreach ($entries as $entry) {
                foreach ($taken->placesFor($entry->minutes, ClockTime::read('8:30')) as $span) {
                    $taken = $taken->with($span);
                    Stretch::query()->create([
                        'person_id' => $person->id, 'date' => $date, 'starts_at' => $span->starts->minute(), 'ends_at' => $span->ends->minute(), 'task_id' => $entry->task_id, 'role_id' => $entry->role_id,
                        'is_inked' => true, 'source' => StretchSource::Drawn, 'version' => 1,
                    ]);
                }
            }
        }
    }

    /** An hour and ten minutes on what was worked on last, paused since. */
    private function time(Person $person): void
    {
        $last = Entry::query()->where('person_id', $person->id)->whereRelation('task.project', 'internal', false)->orderByDesc('date')->orderByDesc('id')->firstOrFail();
        $timer = Timer::query()->create(['person_id' => $person->id, 'task_id' => $last->task_id, 'role_id' => $last->role_id, 'note' => 'Levels along the north drain', 'version' => 2]);
        $ended = $this->today->now()->modify('-20 minutes');
        TimerRun::query()->create(['timer_id' => $timer->id, 'started_at' => $ended->modify('-70 minutes')->format('Y-m-d\TH:i:s\Z'), 'ended_at' => $ended->format('Y-m-d\TH:i:s\Z')]);
    }
}
