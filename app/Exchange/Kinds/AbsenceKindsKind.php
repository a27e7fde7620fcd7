<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\HalfDaysFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\AbsenceKind;
use Illuminate\Database\Query\Builder;

/** `absence_kinds.csv`: kinds of absence of which anything is set; the others come with the absences that name them. */
final class AbsenceKindsKind extends FileKind
{
    public function name(): string
    {
        return 'absence_kinds';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::required('kind', new TextFormat(60), 'name'),
            Column::optional('counts_as', new ChoiceFormat('leave', 'sickness', 'other'), 'other'),
            Column::optional('visible_to', new ChoiceFormat('everybody', 'managers'), 'managers'),
            Column::optional('needs_approval', new YesNoFormat, 1),
            Column::optional('allowance', new HalfDaysFormat),
            Column::optional('carried_at_most', new HalfDaysFormat, 0),
            Column::optional('allowance_from', new WholeNumberFormat(2000, 2100)),
            Column::optional('retired', new YesNoFormat, 0, 'is_retired'),
        ];
    }

    public function key(): array
    {
        return ['kind'];
    }

    public function keyAttributes(): array
    {
        return ['name'];
    }

    public function declare(FileRow $row, Codes $codes): void
    {
        $codes->declare('absence_kinds', $row->string('kind'));
        $codes->leaveToFile('absence_kinds', $row->string('kind'));
    }

    public function check(FileRow $row, Codes $codes): array
    {
        return ($row->value('allowance') === null) === ($row->value('allowance_from') === null) ? [] : [$row->problem('allowance', ExchangeText::get('expected.allowance'))];
    }

    public function further(FileRow $row, Codes $codes): array
    {
        return ['id' => $codes->declare('absence_kinds', $row->string('kind'))];
    }

    public function exported(): Builder
    {
        return AbsenceKind::query()->toBase()
            ->where(static fn (Builder $set): Builder => $set->where('counts_as', '<>', 'other')->orWhere('visible_to', '<>', 'managers')->orWhere('needs_approval', 0)
                ->orWhereNotNull('allowance')->orWhere('carried_at_most', '<>', 0)->orWhere('is_retired', 1))
            ->select('name AS kind', 'counts_as', 'visible_to', 'needs_approval', 'allowance', 'carried_at_most', 'allowance_from', 'is_retired AS retired')->orderBy('name');
    }
}
