<?php

declare(strict_types=1);

namespace App\Features\Office\Queries;

use App\Features\Office\Props\TrailChangeProps;
use App\Features\Office\Props\TrailPageProps;
use App\Features\Office\Props\TrailRowProps;
use App\Models\Person;
use App\Models\Project;
use App\Support\Database\Record;
use App\Support\Database\WordSearch;
use App\Support\Trail\TrailSubject;
use App\Support\Words;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/** The trail, searched by words, subject and days; a page at a time, in one query. */
final class TrailSearch
{
    private const AT_ONCE = 60;

    private const OF_PROJECT = 12;

    public function of(Person $reader, string $search, ?TrailSubject $subject, ?Day $from, ?Day $to, ?int $before): TrailPageProps
    {
        $rows = Record::all($this->lines($search, $subject, $from, $to)
            ->when($before !== null, static fn (Builder $older): Builder => $older->where('trail.id', '<', $before))
            ->orderByDesc('trail.id')->limit(self::AT_ONCE + 1));
        $shown = array_slice($rows, 0, self::AT_ONCE);

        return new TrailPageProps(
            $search,
            $subject->value ?? '',
            $from?->toString(),
            $to?->toString(),
            array_map(static fn (Record $line): TrailRowProps => self::row($line, $reader), $shown),
            count($rows) > self::AT_ONCE ? $shown[self::AT_ONCE - 1]->int('id') : null,
            array_map(static fn (TrailSubject $one): string => $one->value, TrailSubject::cases()),
        );
    }

    /**
     * What was done on a project since a day, entries left out.
     *
     * @return array{list<TrailRowProps>, bool} the latest first, and whether there is more than fits
     */
    public function ofProject(Person $reader, Project $project, Day $since, bool $showsMoney): array
    {
        $rows = Record::all($this->lines('', null, $since, null)
            ->whereNotIn('trail.subject', [TrailSubject::Entry->value, TrailSubject::Sheet->value])
            ->where(static fn (Builder $about): Builder => $about->where('tasks.project_id', $project->id)
                ->orWhere(static fn (Builder $named): Builder => $named->whereIn('trail.subject', [TrailSubject::Project->value, TrailSubject::Assignment->value])
                    ->where(static fn (Builder $name): Builder => $name->where('trail.name', $project->code)->orWhereBetween('trail.name', [$project->code.'/', $project->code.'0']))))
            ->orderByDesc('trail.id')->limit(self::OF_PROJECT + 1));

        return [
            array_map(static fn (Record $line): TrailRowProps => self::row($line, $reader, $showsMoney), array_slice($rows, 0, self::OF_PROJECT)),
            count($rows) > self::OF_PROJECT,
        ];
    }

    private function lines(string $search, ?TrailSubject $subject, ?Day $from, ?Day $to): Builder
    {
        $query = DB::table('trail')
            ->leftJoin('people AS actors', 'actors.id', 'trail.actor_id')
            ->leftJoin('people AS principals', 'principals.id', 'trail.on_behalf_of_id')
            ->leftJoin('people AS owners', 'owners.id', 'trail.person_id')
            ->leftJoin('tasks', 'tasks.id', 'trail.task_id')
            ->leftJoin('projects', 'projects.id', 'tasks.project_id')
            ->select('trail.id', 'trail.at', 'trail.act', 'trail.subject', 'trail.name', 'trail.date', 'trail.before', 'trail.after', 'trail.why')
            ->addSelect('actors.name AS actor', 'principals.name AS principal', 'owners.name AS owner', 'tasks.name AS task', 'projects.name AS project')
            ->when($subject !== null, static fn (Builder $on): Builder => $on->where('trail.subject', $subject?->value))
            ->when($from !== null, static fn (Builder $since): Builder => $since->where('trail.at', '>=', $from?->toString()))
            ->when($to !== null, static fn (Builder $until): Builder => $until->where('trail.at', '<', $to?->plusDays(1)->toString()));

        return WordSearch::narrow($query, $search, ['actors.name', 'principals.name', 'owners.name', 'tasks.name', 'tasks.code', 'projects.name', 'projects.code', 'trail.act', 'trail.name', 'trail.why', 'trail.date']);
    }

    private static function row(Record $line, Person $reader, bool $showsMoney = true): TrailRowProps
    {
        $task = $line->stringOrNull('task');

        return new TrailRowProps(
            $line->int('id'),
            $line->string('at'),
            $line->stringOrNull('actor') ?? Words::refusal('the_system'),
            $line->stringOrNull('principal'),
            $line->string('act'),
            $line->string('subject'),
            $line->stringOrNull('owner'),
            $task === null ? $line->string('name') : $task.', '.$line->string('project'),
            $line->stringOrNull('date'),
            self::changes($line, $reader, $showsMoney),
            $line->string('why'),
        );
    }

    /** @return list<TrailChangeProps> */
    private static function changes(Record $line, Person $reader, bool $showsMoney): array
    {
        $before = self::told($line->stringOrNull('before'));
        $after = self::told($line->stringOrNull('after'));
        $changes = [];
        foreach (array_keys($before + $after) as $name) {
            $old = self::printed((string) $name, $before[$name] ?? null, $reader);
            $new = self::printed((string) $name, $after[$name] ?? null, $reader);
            if ($old !== $new && $name !== 'role' && ($showsMoney || ! str_contains((string) $name, 'cents'))) {
                $changes[] = new TrailChangeProps(str_replace('_', ' ', (string) preg_replace('/_(minutes|cents)$/', '', (string) $name)), $old, $new);
            }
        }

        return $changes;
    }

    private static function printed(string $name, mixed $value, Person $reader): ?string
    {
        return match (true) {
            $value === null => null,
            is_int($value) && str_contains($name, 'minutes') => Words::hours(Minutes::of($value), $reader),
            is_int($value) && str_contains($name, 'cents') => Money::ofCents($value)->toString(),
            is_scalar($value) => (string) $value,
            default => json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        };
    }

    /** @return array<array-key, mixed> */
    private static function told(?string $json): array
    {
        return $json === null ? [] : (array) json_decode($json, true, flags: JSON_THROW_ON_ERROR);
    }
}
