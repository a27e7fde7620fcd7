<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileProblem;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\OwnField;
use Illuminate\Database\Query\Builder;
use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\FieldSubject;

/** `own_fields.csv`: fields that the organisation added. What a field belongs to and what it holds stays as it is. */
final class OwnFieldsKind extends FileKind
{
    public function name(): string
    {
        return 'own_fields';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::required('field', new CodeFormat, 'code'),
            Column::required('name', new TextFormat(200)),
            Column::required('belongs_to', new ChoiceFormat(...array_map(static fn (FieldSubject $subject): string => $subject->value, FieldSubject::cases())), 'subject'),
            Column::required('holds', new ChoiceFormat(...array_map(static fn (FieldKind $kind): string => $kind->value, FieldKind::cases())), 'kind'),
            Column::optional('required', new YesNoFormat, 0, 'is_required'),
            Column::optional('starts_on', DayFormat::ofWork()),
            Column::reference('team', CodeTable::Teams),
            Column::reference('client', CodeTable::Clients),
            Column::optional('position', new WholeNumberFormat(0, 100_000), 0),
            Column::optional('retired', new YesNoFormat, 0, 'is_retired'),
        ];
    }

    public function key(): array
    {
        return ['field'];
    }

    public function keyAttributes(): array
    {
        return ['code'];
    }

    public function declare(FileRow $row, Codes $codes): void
    {
        $codes->declare('own_fields', $row->string('field'));
    }

    public function check(FileRow $row, Codes $codes): array
    {
        $subject = FieldSubject::from($row->string('belongs_to'));
        $misplaced = array_filter(['team' => $subject->hasTeam(), 'client' => $subject->hasClient()], static fn (bool $fits, string $column): bool => ! $fits && $row->value($column) !== null, ARRAY_FILTER_USE_BOTH);

        return array_map(static fn (string $column): FileProblem => $row->problem($column, ExchangeText::get('expected.field_for')), array_keys($misplaced));
    }

    public function checkAgainst(array $drafts, array $existing): array
    {
        $problems = [];
        foreach ($drafts as $draft) {
            $known = $existing[$this->keyOf($draft->attributes)] ?? null;
            foreach (['belongs_to' => 'subject', 'holds' => 'kind'] as $column => $attribute) {
                if ($known !== null && $known[$attribute] !== $draft->attributes[$attribute]) {
                    $problems[] = $draft->row->problem($column, ExchangeText::get('expected.as_added', ['value' => (string) $known[$attribute]]));
                }
            }
        }

        return $problems;
    }

    public function further(FileRow $row, Codes $codes): array
    {
        return ['id' => $codes->declare('own_fields', $row->string('field'))];
    }

    public function exported(): Builder
    {
        return OwnField::query()->toBase()->leftJoin('teams', 'teams.id', 'own_fields.team_id')->leftJoin('clients', 'clients.id', 'own_fields.client_id')
            ->select('own_fields.code AS field', 'own_fields.name', 'subject AS belongs_to', 'kind AS holds', 'is_required AS required', 'starts_on', 'teams.code AS team', 'clients.code AS client', 'position', 'own_fields.is_retired AS retired')
            ->orderBy('own_fields.code');
    }
}
