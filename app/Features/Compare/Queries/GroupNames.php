<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Person;
use App\Models\Phase;
use App\Models\Task;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use App\Support\Language\Wording;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Compare\Grouping;
use Moss\Core\OwnFields\FieldChoice;
use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\OwnField;

/** What the groups of a comparison are called. */
final readonly class GroupNames
{
    /** @param  array<string, string>  $names  by group code */
    private function __construct(private array $names)
    {
    }

    /**
     * @param  list<string>|null  $groups  codes; null for all there are
     * @param  OwnField|null  $field  the own field that the comparison asks for
     */
    public static function for(Grouping $grouping, ?array $groups = null, ?OwnField $field = null): self
    {
        if ($grouping === Grouping::OwnField) {
            return new self($field === null ? [] : self::ofField($field));
        }
        $query = self::query($grouping);
        // Phases and tasks are known by their project too.
        [$column, $codes] = in_array($grouping, [Grouping::Task, Grouping::Phase], true)
            ? ['projects.code', array_map(static fn (string $group): string => explode('/', $group, 2)[0], $groups ?? [])]
            : ['code', $groups ?? []];
        $names = [];
        foreach ($query === null ? [] : StreamedRows::of($groups === null ? $query : $query->whereIn($column, array_unique($codes))) as $row) {
            /** @var array{string, string} $row */
            [$code, $name] = $row;
            $names[$code] = $name;
        }

        return new self($names);
    }

    /** The name; of periods, charge codes, what is billable and what has none, the code itself. */
    public function nameOf(string $group): string
    {
        return $this->names[$group] ?? $group;
    }

    /** @return array<string, string> */
    private static function ofField(OwnField $field): array
    {
        return $field->kind === FieldKind::YesNo
            ? ['yes' => Wording::of('own_fields.yes'), 'no' => Wording::of('own_fields.no')]
            : array_column(array_map(static fn (FieldChoice $choice): array => [$choice->code, $choice->name], $field->choices), 1, 0);
    }

    private static function query(Grouping $grouping): ?Builder
    {
        return match ($grouping) {
            Grouping::Project, Grouping::Client, Grouping::Team, Grouping::Role => DB::table($grouping->value.'s')->select('code', 'name'),
            Grouping::Person, Grouping::Manager => Person::query()->toBase()->select('code', 'name'),
            Grouping::Task => Task::query()->toBase()->join('projects', 'projects.id', 'tasks.project_id')
                ->select(Sql::joined(['projects.code', 'tasks.code'], '/', 'code'), 'tasks.name'),
            Grouping::Phase => Phase::query()->toBase()->join('projects', 'projects.id', 'phases.project_id')
                ->select(Sql::joined(['projects.code', 'phases.name'], '/', 'code'), 'phases.name'),
            Grouping::Quarter, Grouping::Month, Grouping::Week, Grouping::ChargeCode, Grouping::Billable, Grouping::OwnField => null,
        };
    }
}
