<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\DraftRow;
use App\Exchange\ExchangeText;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\HoursCell;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Moss\Core\Pay\PayKind;

/** A kind of file that has hours of entries by kind of pay; a premium is named beside its kind. */
abstract class EntryHoursByPayKind extends NamedEntriesKind
{
    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::required('person', new CodeFormat, ''),
            Column::required('project', new CodeFormat, ''),
            Column::required('task', new CodeFormat, ''),
            Column::optional('role', new CodeFormat, null, ''),
            Column::required('date', DayFormat::ofWork(), ''),
            Column::optional('corrects', DayFormat::ofWork(), null, ''),
            Column::required('kind', new ChoiceFormat(...array_map(static fn (PayKind $kind): string => $kind->value, $this->kinds()))),
            Column::required('hours', HoursCell::ofEntry(), 'minutes'),
            Column::optional('premium', new CodeFormat, null, ''),
        ];
    }

    public function key(): array
    {
        return ['person', 'project', 'task', 'role', 'date', 'corrects', 'kind', 'premium'];
    }

    public function codeColumns(): array
    {
        return ['kind', 'hours'];
    }

    public function keyAttributes(): array
    {
        return ['entry_id', 'kind', 'pay_premium_id'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        $premium = $row->stringOrNull('premium');
        if (($premium !== null) !== ($row->value('kind') === PayKind::Premium->value) || ($premium !== null && $codes->idOf('pay_premiums', $premium) === null)) {
            return [$row->problem('premium', ExchangeText::get('expected.premium', ['what' => CodeTable::PayPremiums->singular()]))];
        }

        return parent::check($row, $codes);
    }

    public function existing(array $drafts): Builder
    {
        return $this->rows()->toBase()->whereIntegerInRaw('entry_id', array_map(static fn (DraftRow $draft): int => (int) $draft->attributes['entry_id'], $drafts));
    }

    public function further(FileRow $row, Codes $codes): array
    {
        $premium = $row->stringOrNull('premium');

        return ['entry_id' => null, ...self::named($row, $codes), 'pay_premium_id' => $premium === null ? null : $codes->idOf('pay_premiums', $premium)];
    }

    public function resolved(array $drafts): array
    {
        $entries = self::entries($drafts);
        $resolved = [];
        $problems = [];
        foreach ($drafts as $draft) {
            $id = $entries[self::entryKey($draft)] ?? null;
            if ($id === null) {
                $problems[] = $draft->row->problem('task', ExchangeText::get('expected.entry'));

                continue;
            }
            $held = array_intersect_key($draft->attributes, ['kind' => 0, 'pay_premium_id' => 0, 'minutes' => 0, 'cost_percent' => 0]);
            $resolved[] = new DraftRow($draft->row, ['entry_id' => $id] + $held, array_values(array_intersect($draft->given, ['minutes', 'cost_percent'])));
        }

        return [$resolved, $problems];
    }

    public function exported(): Builder
    {
        $table = $this->table();

        return $this->rows()->toBase()->join('entries', 'entries.id', $table.'.entry_id')->join('people', 'people.id', 'entries.person_id')->join('tasks', 'tasks.id', 'entries.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')->leftJoin('roles', 'roles.id', 'entries.role_id')->leftJoin('pay_premiums', 'pay_premiums.id', $table.'.pay_premium_id')
            ->select('people.code AS person', 'projects.code AS project', 'tasks.code AS task', 'roles.code AS role', 'entries.date', 'entries.corrects', $table.'.kind', $table.'.minutes AS hours', 'pay_premiums.code AS premium')
            ->orderBy('people.code')->orderBy('entries.date')->orderBy('projects.code')->orderBy('tasks.code')->orderBy('roles.code')->orderBy('entries.corrects')->orderBy($table.'.kind')->orderBy('pay_premiums.code');
    }

    /** @return EloquentBuilder<covariant Model> */
    abstract protected function rows(): EloquentBuilder;

    /** @return list<PayKind> that its rows may have */
    abstract protected function kinds(): array;
}
