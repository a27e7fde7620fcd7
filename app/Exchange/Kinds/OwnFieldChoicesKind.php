<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\OwnFieldChoice;
use Illuminate\Database\Query\Builder;

/** `own_field_choices.csv`: what fields with choices offer. */
final class OwnFieldChoicesKind extends FileKind
{
    public function name(): string
    {
        return 'own_field_choices';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::ofCode('field', CodeTable::OwnFields, 'own_field_id'),
            Column::required('choice', new CodeFormat, 'code'),
            Column::required('name', new TextFormat(200)),
            Column::optional('position', new WholeNumberFormat(0, 100_000), 0),
            Column::optional('retired', new YesNoFormat, 0, 'is_retired'),
        ];
    }

    public function key(): array
    {
        return ['field', 'choice'];
    }

    public function keyAttributes(): array
    {
        return ['own_field_id', 'code'];
    }

    public function exported(): Builder
    {
        return OwnFieldChoice::query()->toBase()->join('own_fields', 'own_fields.id', 'own_field_choices.own_field_id')
            ->select('own_fields.code AS field', 'own_field_choices.code AS choice', 'own_field_choices.name', 'own_field_choices.position', 'own_field_choices.is_retired AS retired')
            ->orderBy('own_fields.code')->orderBy('own_field_choices.code');
    }
}
