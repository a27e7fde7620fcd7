<?php

declare(strict_types=1);

namespace Demo;

use App\Features\Review\Actions\DecideEntries;
use App\Features\Review\Actions\DecisionKind;
use App\Models\Entry;
use App\Models\Person;
use App\Models\Recorder;
use App\Models\Task;
use App\Support\Clock\Today;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Hash;
use Moss\Core\Calendar\Week;

/** What exchange files cannot tell: a manager returns two entries with a word, somebody lets him record for her, and everybody has a password. */
final class ActsCommand extends Command
{
    /** For the invented people of the demonstration only. */
    public const PASSWORD = 'lantern-and-lens';

    protected $signature = 'moss:demo-acts';

    protected $description = 'Let the people of the demonstration act';

    public function handle(DecideEntries $decide, Today $today): int
    {
        if (config('moss.demo') !== true) {
            $this->error('This is for the demonstration only: MOSS_DEMO is off.');

            return self::FAILURE;
        }
        Person::query()->whereNull('password')->update(['password' => Hash::make(self::PASSWORD)]);
        $manager = Person::query()->where('code', 'idris.calloway')->sole();
        $owner = Person::query()->where('code', 'ines.calder')->sole();
        Recorder::query()->updateOrCreate(
            ['person_id' => Person::query()->where('code', 'pilar.duncombe')->sole()->id, 'recorder_id' => $manager->id],
            ['may_submit' => true],
        );
        $lastWeek = Week::containing($today->for($owner))->plusWeeks(-1);
        $seen = [];
        $returned = Entry::query()->where('person_id', $owner->id)->where('approver_id', $manager->id)->where('state', 'submitted')
            ->whereIn('task_id', Task::query()->select('id')->whereIn('code', ['BEARING', 'GLASS', 'PUTTY', 'DISMANTLE', 'WIRING', 'METAL', 'ACCESS', 'LENS-SURVEY']))
            ->whereBetween('date', [$lastWeek->monday()->plusDays(2)->toString(), $lastWeek->monday()->plusDays(3)->toString()])->get();
        foreach ($returned as $entry) {
            $seen[$entry->id] = $entry->version;
        }
        if ($seen !== []) {
            $decide->handle($manager, DecisionKind::Return, $seen, 'Was this all on the bearing, or partly the gallery rail? Please split it.');
        }

        return self::SUCCESS;
    }
}
