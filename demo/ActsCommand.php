<?php

declare(strict_types=1);

namespace Demo;

use App\Approval\DecisionKind;
use App\Features\Corrections\Actions\ProposeCorrections;
use App\Features\Corrections\Actions\ProposedHours;
use App\Features\HouseRules\Actions\ExplainFindings;
use App\Features\HouseRules\Actions\Explanation;
use App\Features\HouseRules\Actions\SaveFindings;
use App\Features\Review\Actions\DecideEntries;
use App\Models\Access;
use App\Models\Entry;
use App\Models\Person;
use App\Models\Project;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Recorder;
use App\Models\Task;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;

/** What exchange files cannot tell: what was returned with which comment, who may record for whom, what is asked, which plans changed, and what was mailed. */
final class ActsCommand extends Command
{
    /** For the invented people of the demonstration only. */
    public const PASSWORD = 'lantern-and-lens';

    protected $signature = 'moss:demo-acts';

    protected $description = 'Add the acts of the demonstration: returns, corrections, estimates and messages';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:demo-acts
        HELP;

    public function handle(DecideEntries $decide, ProposeCorrections $propose, ExplainFindings $answer, SaveFindings $findings, PlanActs $plans, LeaveActs $leave, Comparisons $comparisons, ByTheClock $byTheClock, ByTheMonth $byTheMonth, OwnFields $ownFields, PayRules $payRules, Expenses $expenses, Today $today): int
    {
        if (config('moss.demo') !== true) {
            $this->error('This is for the demonstration only: MOSS_DEMO is off.');

            return self::FAILURE;
        }
        Person::query()->whereNull('password')->update(['password' => Hash::make(self::PASSWORD)]);
        Person::query()->where('access', Access::Manager->value)->update(['sees_cost' => true]);
        $manager = Person::query()->where('code', 'idris.calloway')->sole();
        $owner = Person::query()->where('code', 'ines.calder')->sole();
        Recorder::query()->updateOrCreate(
            ['person_id' => Person::query()->where('code', 'pilar.duncombe')->sole()->id, 'recorder_id' => $manager->id],
            ['may_submit' => true],
        );
        $payRules->handle($today->for($owner));
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

        $this->correct($owner, Week::containing($today->for($owner))->plusWeeks(-3), $propose);
        $this->askWithEveryWeek($today->for($owner));
        $this->askForWords($lastWeek, $answer, $findings);
        $plans->handle($today->for($owner));
        $leave->handle($today->for($owner));
        $comparisons->keep();
        $byTheClock->handle($today->for($owner));
        $byTheMonth->handle($today->for($owner));
        $ownFields->handle($today->for($owner));
        $expenses->handle($today->for($owner));
        // Whoever has used it for a while knows what pencil and ink are.
        Person::query()->whereIn('id', Entry::query()->select('person_id'))->update(['knows_pencil' => true]);
        $this->fillTheOutbox($today->for($owner));

        return self::SUCCESS;
    }

    /** She asks for a correction of an approved day. */
    private function correct(Person $owner, Week $week, ProposeCorrections $propose): void
    {
        $entry = Entry::query()->where('person_id', $owner->id)->where('state', 'approved')->where('minutes', '>', 60)->whereNull('corrects')
            ->inWeek($week)->orderBy('date')->orderBy('id')->first();
        if ($entry !== null) {
            $propose->handle($owner, $owner, [new ProposedHours($entry->task_id, $entry->role_id, $entry->date, ($entry->minutes->toInt() - 60).'m')], 'One hour of this was the drive to the quay.');
        }
    }

    /** The office asks a question with every week, and wants a client note on one project. */
    private function askWithEveryWeek(Day $today): void
    {
        Question::query()->firstOrCreate(['wording' => 'Was anything unsafe on site?'], [
            'kind' => QuestionKind::YesNo, 'choices' => [], 'required' => false, 'starts_on' => Week::containing($today)->plusWeeks(-4)->monday()->toString(),
        ]);
        DB::table('house_rules')->insertOrIgnore([
            'rule' => RuleCode::ClientNoteMissing->value, 'severity' => Severity::Information->value, 'starts_on' => $today->plusDays(1)->toString(), 'project_id' => Project::query()->where('code', 'LANTERN')->sole()->id,
        ]);
    }

    /** Days above nine and a half hours need an explanation from now on; two people have explained why a task took longer. */
    private function askForWords(Week $week, ExplainFindings $answer, SaveFindings $findings): void
    {
        DB::table('house_rules')->insertOrIgnore(['rule' => RuleCode::DayAbove->value, 'severity' => Severity::NeedsExplanation->value, 'limit_number' => 570, 'starts_on' => $week->plusWeeks(-8)->monday()->toString()]);
        $findings->ofAllThatWaits();
        $explanations = ['The old bolts had to be drilled out one by one.', 'Rain stopped the mortar work twice; this includes both attempts.'];
        foreach (Record::all(DB::table('findings')->where('severity', Severity::NeedsExplanation->value)->where('week', $week->toString())->groupBy('person_id')->orderBy('person_id')->limit(count($explanations))) as $index => $finding) {
            $owner = Person::query()->findOrFail($finding->int('person_id'));
            $answer->handle($owner, $owner, [new Explanation($week, $finding->string('rule'), $finding->intOrNull('task_id'), $finding->intOrNull('role_id'), $finding->stringOrNull('date'), $explanations[$index])]);
        }
        $findings->ofAllThatWaits();
    }

    /** The morning's mail and the evening's day reminders of today are in the outbox already. */
    private function fillTheOutbox(Day $today): void
    {
        config(['queue.default' => 'sync']);
        foreach (['T08:30', 'T18:30'] as $hour) {
            $this->callSilently('moss:messages', ['--at' => $today->toString().$hour]);
        }
    }
}
