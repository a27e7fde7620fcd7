<?php

declare(strict_types=1);

namespace App\AuditTrail;

use App\AuditTrail\Props\AuditTrailPageProps;
use App\AuditTrail\Props\AuditTrailRowProps;
use App\Models\AuditTrailRow;
use App\Models\Person;
use App\Models\Project;
use App\Support\Database\Rows;
use App\Support\Database\TextSearch;
use App\Support\Language\Wording;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;

/** The audit trail, searched by words, subject and days; a page at a time, in a query and at most one for each table whose rows it names. */
final class AuditTrailSearch
{
    private const AT_ONCE = 60;

    private const OF_PROJECT = 12;

    public function of(Person $reader, string $search, ?AuditTrailSubject $subject, ?Day $from, ?Day $to, ?int $before): AuditTrailPageProps
    {
        $rows = Rows::of(FoundLine::class, $this->lines($subject === null || $subject === AuditTrailSubject::Entry ? AuditTrailRow::query()->toBase() : BesideEntries::lines(), $search, $subject, $from, $to)
            ->when($before !== null, static fn (Builder $older): Builder => $older->where('audit_trail.id', '<', $before))
            ->orderByDesc('audit_trail.id')->limit(self::AT_ONCE + 1));
        $shown = array_slice($rows, 0, self::AT_ONCE);
        $names = AuditTrailNames::of($shown, false);
        $changes = AuditTrailChanges::of($shown, $reader, true, $names);

        return new AuditTrailPageProps(
            $search,
            $subject->value ?? '',
            $from?->toString(),
            $to?->toString(),
            array_map(static fn (FoundLine $line): AuditTrailRowProps => self::row($line, $names, $changes), $shown),
            count($rows) > self::AT_ONCE ? $shown[self::AT_ONCE - 1]->id : null,
            array_map(static fn (AuditTrailSubject $one): string => $one->value, AuditTrailSubject::cases()),
        );
    }

    /**
     * What was done on a project since a day, entries left out.
     *
     * @return array{list<AuditTrailRowProps>, bool} the latest first, and whether there is more than fits
     */
    public function ofProject(Person $reader, Project $project, Day $since, bool $showsMoney): array
    {
        $subjects = array_filter(AuditTrailSubject::cases(), static fn (AuditTrailSubject $subject): bool => ! in_array($subject, [AuditTrailSubject::Entry, AuditTrailSubject::Timesheet], true));
        $rows = Rows::of(FoundLine::class, $this->lines(BesideEntries::lines(), '', null, $since, null)
            ->whereIn('audit_trail.subject', array_values(array_map(static fn (AuditTrailSubject $subject): string => $subject->value, $subjects)))
            ->where(static fn (Builder $about): Builder => $about->where('tasks.project_id', $project->id)
                ->orWhere(static fn (Builder $named): Builder => $named->whereIn('audit_trail.subject', [AuditTrailSubject::Project->value, AuditTrailSubject::Task->value, AuditTrailSubject::Assignment->value])
                    ->where(static fn (Builder $name): Builder => $name->where('audit_trail.name', $project->code)->orWhereBetween('audit_trail.name', [$project->code.'/', $project->code.'0']))))
            ->orderByDesc('audit_trail.id')->limit(self::OF_PROJECT + 1));

        $shown = array_slice($rows, 0, self::OF_PROJECT);
        $names = AuditTrailNames::of($shown, true);
        $changes = AuditTrailChanges::of($shown, $reader, $showsMoney, $names);

        return [
            array_map(static fn (FoundLine $line): AuditTrailRowProps => self::row($line, $names, $changes), $shown),
            count($rows) > self::OF_PROJECT,
        ];
    }

    private function lines(Builder $lines, string $search, ?AuditTrailSubject $subject, ?Day $from, ?Day $to): Builder
    {
        $query = $lines
            ->leftJoin('people AS actors', 'actors.id', 'audit_trail.actor_id')
            ->leftJoin('people AS principals', 'principals.id', 'audit_trail.on_behalf_of_id')
            ->leftJoin('people AS owners', 'owners.id', 'audit_trail.person_id')
            ->leftJoin('tasks', 'tasks.id', 'audit_trail.task_id')
            ->leftJoin('projects', 'projects.id', 'tasks.project_id')
            ->select('audit_trail.id', 'audit_trail.at', 'audit_trail.act', 'audit_trail.subject', 'audit_trail.name', 'audit_trail.date', 'audit_trail.before', 'audit_trail.after', 'audit_trail.why')
            ->addSelect('actors.name AS actor', 'principals.name AS principal', 'owners.name AS owner', 'tasks.name AS task', 'projects.name AS project')
            ->when($subject !== null, static fn (Builder $on): Builder => $on->where('audit_trail.subject', $subject?->value))
            ->when($from, LinesByTime::since(...))
            ->when($to, LinesByTime::until(...));

        return TextSearch::narrow($query, $search, ['actors.name', 'principals.name', 'owners.name', 'tasks.name', 'tasks.code', 'projects.name', 'projects.code', 'audit_trail.act', 'audit_trail.name', 'audit_trail.why', 'audit_trail.date']);
    }

    private static function row(FoundLine $line, AuditTrailNames $names, AuditTrailChanges $changes): AuditTrailRowProps
    {
        $on = self::ownName($line) ?? $names->named($line);

        return new AuditTrailRowProps(
            $line->id,
            $line->at,
            $line->actor ?? Wording::refusal('the_system'),
            $line->principal,
            $line->act,
            $line->subject,
            // Whom it is about is not said twice.
            $line->owner === $on ? null : $line->owner,
            $on,
            $line->date,
            $changes->in($line),
            $line->why,
        );
    }

    /** What a line is about, where that has a name of ours. */
    private static function ownName(FoundLine $line): ?string
    {
        $key = match (AuditTrailSubject::tryFrom($line->subject)) {
            AuditTrailSubject::Rule, AuditTrailSubject::Finding => 'findings.'.$line->name.'.name',
            AuditTrailSubject::Setting, AuditTrailSubject::Timesheet => 'audit.settings.'.$line->name,
            AuditTrailSubject::Exchange => 'audit.nothing',
            default => null,
        };
        $known = $key === null || $line->task !== null ? null : Wording::of($key);

        return $known === $key ? null : $known;
    }
}
