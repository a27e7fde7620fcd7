<?php

declare(strict_types=1);

namespace App\OwnFields;

use App\Models\OwnField as OwnFieldModel;
use App\OwnFields\Props\FieldChoiceProps;
use App\OwnFields\Props\OwnFieldProps;
use App\Support\Database\Rows;
use Moss\Core\Calendar\Day;
use Moss\Core\OwnFields\FieldChoice;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;

/** The own fields of a subject that are in use, in their order; in one query. */
final readonly class OwnFieldList
{
    /** @param  array<int, OwnField>  $byId */
    private function __construct(private array $byId)
    {
    }

    public static function of(FieldSubject $subject): self
    {
        return self::among($subject);
    }

    /** Of every subject. */
    public static function all(): self
    {
        return self::among(null);
    }

    /** Of what time can be told apart by: every subject but expenses. */
    public static function ofTime(): self
    {
        return new self(array_filter(self::all()->byId, static fn (OwnField $field): bool => $field->subject !== FieldSubject::Expense));
    }

    /** Of every subject, also those that are retired. */
    public static function everUsed(): self
    {
        return self::among(null, true);
    }

    public static function none(): self
    {
        return new self([]);
    }

    private static function among(?FieldSubject $subject, bool $withRetired = false): self
    {
        $rows = Rows::of(OwnFieldRow::class, OwnFieldModel::query()->toBase()
            ->leftJoin('teams', 'teams.id', 'own_fields.team_id')->leftJoin('clients', 'clients.id', 'own_fields.client_id')
            ->leftJoin('own_field_choices AS choices', 'choices.own_field_id', 'own_fields.id')
            ->when(! $withRetired, static fn ($some) => $some->where('own_fields.is_retired', false))
            ->when($subject !== null, static fn ($some) => $some->where('own_fields.subject', $subject))
            ->select('own_fields.id', 'own_fields.code', 'own_fields.name', 'own_fields.subject', 'own_fields.kind', 'own_fields.is_required', 'own_fields.starts_on', 'teams.code AS team', 'clients.code AS client')
            ->addSelect('choices.code AS choice', 'choices.name AS choice_name', 'choices.is_retired AS choice_is_retired')
            ->orderBy('own_fields.position')->orderBy('own_fields.id')->orderBy('choices.position')->orderBy('choices.id'));
        $choices = [];
        foreach ($rows as $row) {
            if ($row->choice !== null) {
                $choices[$row->id][] = new FieldChoice($row->choice, $row->choiceName ?? $row->choice, $row->choiceIsRetired ?? false);
            }
        }
        $fields = [];
        foreach ($rows as $row) {
            $fields[$row->id] ??= new OwnField($row->code, $row->name, $row->subject, $row->kind, $row->isRequired, $row->startsOn, $row->team, $row->client, $choices[$row->id] ?? []);
        }

        return new self($fields);
    }

    public function isEmpty(): bool
    {
        return $this->byId === [];
    }

    /** @return array<int, OwnField> by id */
    public function fields(): array
    {
        return $this->byId;
    }

    public function named(string $code): ?OwnField
    {
        foreach ($this->byId as $field) {
            if ($field->code === $code) {
                return $field;
            }
        }

        return null;
    }

    /** @return int|null null for a code that no field has */
    public function idOf(string $code): ?int
    {
        foreach ($this->byId as $id => $field) {
            if ($field->code === $code) {
                return $id;
            }
        }

        return null;
    }

    public function ofSubject(FieldSubject $subject): self
    {
        return new self(array_filter($this->byId, static fn (OwnField $field): bool => $field->subject === $subject));
    }

    /** Only those that are asked of something. */
    public function asked(?Day $day, ?string $team, ?string $client): self
    {
        return new self(array_filter($this->byId, static fn (OwnField $field): bool => $field->asks($day, $team, $client)));
    }

    /** @return list<OwnFieldProps> */
    public function props(): array
    {
        return array_values(array_map(static fn (OwnField $field): OwnFieldProps => new OwnFieldProps(
            $field->code, $field->name, $field->kind, $field->isRequired,
            array_map(static fn (FieldChoice $choice): FieldChoiceProps => new FieldChoiceProps($choice->code, $choice->name, $choice->isRetired), $field->choices),
        ), $this->byId));
    }
}
