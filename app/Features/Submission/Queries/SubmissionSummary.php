<?php

declare(strict_types=1);

namespace App\Features\Submission\Queries;

use App\Approval\EntryRoute;
use App\Features\Submission\Actions\Selection;
use App\Features\Submission\Props\ProjectHoursProps;
use App\Features\Submission\Props\QuestionProps;
use App\Features\Submission\Props\RecipientProps;
use App\Features\Submission\Props\SubmissionProps;
use App\Models\Expense;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Question;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Database\Rows;
use App\Support\Language\Wording;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\Review\ApprovalRoute;
use Moss\Core\Review\RouteStep;
use Moss\Core\Sheet\EntryState;

/** What would go if some days, or a selection of them, were submitted now: hours, findings, to whom, and what is asked. */
final readonly class SubmissionSummary
{
    public function __construct(private AskedQuestions $questions, private Today $today)
    {
    }

    public function of(Person $reader, Person $owner, DayRange $days, Selection $selection): SubmissionProps
    {
        $found = FindingsOfDays::load($owner, $days, $this->today->for($owner), $selection);
        $needsAttention = $found->needingALook();
        $entries = Rows::of(SubmittedEntry::class, EntryRoute::entries()->whereIntegerInRaw('entries.id', array_keys($needsAttention))
            ->addSelect('projects.code AS project', 'projects.name AS project_name')->orderBy('projects.code'));

        return new SubmissionProps(
            array_sum(array_map(static fn (SubmittedEntry $one): int => $one->entry->minutes->toInt(), $entries)),
            count($entries),
            Expense::query()->where('person_id', $owner->id)->during($days)->whereIn('state', [EntryState::Draft, EntryState::Returned])->count(),
            self::projects($entries),
            $found->props($reader),
            self::recipients($entries, $needsAttention),
            // What is asked about a week is asked about the last one of a longer timesheet.
            $this->asked($owner, Week::containing($days->last())),
        );
    }

    /**
     * @param  list<SubmittedEntry>  $entries
     * @return list<ProjectHoursProps>
     */
    private static function projects(array $entries): array
    {
        $projects = [];
        foreach ($entries as $entry) {
            $code = $entry->project;
            $projects[$code] = new ProjectHoursProps($code, $entry->projectName, ($projects[$code]->minutes ?? 0) + $entry->entry->minutes->toInt());
        }

        return array_values($projects);
    }

    /**
     * @param  list<SubmittedEntry>  $entries
     * @param  array<int, bool>  $needsAttention  by entry
     * @return list<RecipientProps>
     */
    private static function recipients(array $entries, array $needsAttention): array
    {
        $organisation = Organisation::query()->sole();
        $groups = [];
        $approvers = [];
        foreach ($entries as $entry) {
            $route = $entry->entry->route($organisation->approval);
            $approvesItself = ! $route->isEmpty() && $organisation->self_approve && ! $needsAttention[$entry->entry->id];
            $steps = array_map(static fn (RouteStep $step): string => $step->approver ?? '', $route->steps());
            array_push($approvers, ...array_filter($steps));
            $key = implode(',', $steps).($approvesItself ? '!' : '').($route->isEmpty() ? '-' : '');
            $groups[$key] ??= [$route, $approvesItself, 0, 0];
            $groups[$key][2] += $entry->entry->minutes->toInt();
            $groups[$key][3]++;
        }
        $names = [];
        foreach (Record::all(Person::query()->toBase()->select('id', 'name')->whereIntegerInRaw('id', array_map(intval(...), $approvers))) as $person) {
            $names[$person->string('id')] = $person->string('name');
        }

        return array_map(static fn (array $group): RecipientProps => new RecipientProps(
            self::names($group[0], $names),
            array_filter($group[0]->steps(), static fn (RouteStep $step): bool => $step->isOffice()) !== [],
            $group[1],
            $group[2],
            $group[3],
        ), array_values($groups));
    }

    /**
     * @param  array<string, string>  $names  by id
     * @return list<string>
     */
    private static function names(ApprovalRoute $route, array $names): array
    {
        return array_map(static fn (RouteStep $step): string => $step->approver === null ? Wording::refusal('the_office') : $names[$step->approver], $route->steps());
    }

    /** @return list<QuestionProps> */
    private function asked(Person $owner, Week $week): array
    {
        $answers = $this->questions->answers($owner, $week);

        return array_map(static fn (Question $question): QuestionProps => new QuestionProps(
            $question->id, $question->wording, $question->kind, $question->choices, $question->required, $answers[$question->id] ?? '',
        ), $this->questions->of($week));
    }
}
