<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Entry;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\Grouping;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;

/**
 * By what sums are told apart: only what groupings, selection and measures ask for, and as coarsely as they allow, so that as few
 * rows as possible are read.
 */
final readonly class Dimensions
{
    /**
     * @param  bool  $ofEntries  whether entries have to be read one by one, since only they tell what is asked for
     * @param  OwnField|null  $field  the own field that is asked for
     * @param  bool  $projects  where tasks need not be told apart
     * @param  bool  $billable  whether recorded time is told apart by whether it is billable
     * @param  bool  $chargeCodes  whether entries have charge codes of their own that are asked for
     * @param  bool  $months  where week parts need not be told apart
     */
    private function __construct(public bool $projects, public bool $tasks, public bool $people, public bool $roles, public bool $billable, public bool $months, public bool $weeks, public bool $ofEntries, public bool $chargeCodes, public ?OwnField $field)
    {
    }

    public static function of(ComparisonTerms $terms, ComparableWork $work): self
    {
        $selection = $terms->selection;
        // Of plans only tasks tell.
        $billablePlans = $terms->isAbout(Grouping::Billable) || $selection->billable !== null;
        $billable = $billablePlans || $terms->asksBillable();
        $isOf = static fn (FieldSubject $subject): bool => $terms->field?->subject === $subject;
        $chargeCodes = ($terms->isAbout(Grouping::ChargeCode) || $selection->chargeCodes !== []) && self::areThereChargeCodes($terms);
        $tasks = $billablePlans || $terms->isAbout(Grouping::Phase, Grouping::Task, Grouping::ChargeCode) || $terms->asksPay() || $selection->asksAboutTasks() || $isOf(FieldSubject::Task);
        $roles = $terms->asksForRoles();
        // Whoever may not see everything sees money by project, and what is expected by person.
        $people = $roles || $isOf(FieldSubject::Person) || $terms->isAbout(Grouping::Person, Grouping::Team) || $selection->asksAboutPeople() || ($terms->asksAttendance() && ! $work->isEverybodys());
        $projects = ! $tasks && ($isOf(FieldSubject::Project) || $terms->isAbout(Grouping::Project, Grouping::Client, Grouping::Manager) || $selection->asksAboutProjects() || ($terms->asksMoney() && ! $work->isEverybodys()));
        $weeks = $terms->isAbout(Grouping::Week);

        return new self($projects, $tasks, $people, $roles, $billable, ! $weeks && $terms->isAbout(Grouping::Month, Grouping::Quarter), $weeks, $chargeCodes || $isOf(FieldSubject::Entry), $chargeCodes, $terms->field);
    }

    /** Whether entries have charge codes of their own: of the period, or, where figures are of no period, of any day. */
    private static function areThereChargeCodes(ComparisonTerms $terms): bool
    {
        return Entry::query()->whereNotNull('charge_code')
            ->when(! $terms->asksCompletion(), static fn ($some) => $some->whereBetween('date', [$terms->days->first()->toString(), $terms->days->last()->toString()]))->exists();
    }

    /** Whether stored sums of hours tell all that is asked for: not where the period cuts through a part of a week, nor of one person alone, whose entries are few. */
    public function areOfStoredHours(ComparisonTerms $terms, ComparableWork $work): bool
    {
        return $terms->asksHoursAlone() && ! $this->ofEntries && ! $work->isOnePersons() && ComparedDays::recorded($terms->days)->cut === [];
    }

    /** Whether sums of months serve, where the days make whole ones: those of tasks only where people are neither told apart nor left out. */
    public function canBeMonths(ComparableWork $work): bool
    {
        return ! $this->weeks && (! $this->tasks || (! $this->people && $work->isWhole()));
    }

    /** @return list<string> columns of both recorded and planned totals; of these, `project_id` and `month` are made of others */
    public function columns(): array
    {
        return [...$this->columnsOfWork(), ...array_keys(array_filter(['month' => $this->months, 'starts_on' => $this->weeks]))];
    }

    /** @return list<string> those that do not depend on the day */
    public function columnsOfWork(): array
    {
        return array_keys(array_filter(['project_id' => $this->projects, 'task_id' => $this->tasks, 'person_id' => $this->people, 'role_id' => $this->roles]));
    }
}
