<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Models\Role;
use App\Support\Database\Record;
use App\Support\Language\Wording;
use DomainException;
use Illuminate\Support\Facades\DB;

/** People, teams and roles that a plan names, found by code or by name; read all at once. */
final readonly class PlanNames
{
    /**
     * @param  array<string, list<array{string, int}>>  $assignees  kind and id by code and by name, in small letters
     * @param  array<string, int>  $roles  id by code and by name, in small letters
     */
    private function __construct(private array $assignees, private array $roles)
    {
    }

    /**
     * @param  list<string>  $assignees  as typed: a code, a name, `person:CODE` or `team:CODE`
     * @param  list<string>  $roles
     */
    public static function read(array $assignees, array $roles): self
    {
        $plain = array_values(array_unique(array_map(static fn (string $text): string => self::plain($text), $assignees)));
        $found = [];
        foreach (['person' => 'people', 'team' => 'teams'] as $kind => $table) {
            foreach ($plain === [] ? [] : self::named($table, $plain) as $record) {
                foreach (array_unique([mb_strtolower($record->string('code')), mb_strtolower($record->string('name'))]) as $name) {
                    $found[$name][] = [$kind, $record->int('id')];
                }
            }
        }
        $ofRoles = [];
        $all = $roles === [] ? [] : Record::all(Role::query()->toBase()->select('id', 'code', 'name'));
        // A code says more exactly what is meant than a name does.
        foreach (['name', 'code'] as $column) {
            foreach ($all as $record) {
                $ofRoles[mb_strtolower($record->string($column))] = $record->int('id');
            }
        }

        return new self($found, $ofRoles);
    }

    /**
     * @return array{person_id: int|null, team_id: int|null}
     *
     * @throws DomainException
     */
    public function assignee(string $text): array
    {
        $kind = preg_match('/^(person|team):/', $text, $parts) === 1 ? $parts[1] : null;
        $found = array_values(array_filter($this->assignees[self::plain($text)] ?? [], static fn (array $one): bool => $kind === null || $one[0] === $kind));
        if (count($found) !== 1) {
            throw new DomainException(Wording::refusal($found === [] ? 'plan_row.no_assignee' : 'plan_row.many_assignees', ['text' => mb_strimwidth($text, 0, 40, '…', 'UTF-8')]));
        }

        return ['person_id' => $found[0][0] === 'person' ? $found[0][1] : null, 'team_id' => $found[0][0] === 'team' ? $found[0][1] : null];
    }

    /**
     * @param  'person'|'team'  $kind
     * @return list<int> ids of all that may be meant
     */
    public function ids(string $kind): array
    {
        $named = array_filter(array_merge(...array_values($this->assignees)), static fn (array $one): bool => $one[0] === $kind);

        return array_values(array_unique(array_column($named, 1)));
    }

    /** @throws DomainException */
    public function role(string $text): ?int
    {
        return trim($text) === '' ? null : $this->roles[mb_strtolower(trim($text))]
            ?? throw new DomainException(Wording::refusal('plan_row.no_role', ['text' => mb_strimwidth($text, 0, 40, '…', 'UTF-8')]));
    }

    private static function plain(string $text): string
    {
        return mb_strtolower(trim((string) preg_replace('/^(person|team):/', '', trim($text))));
    }

    /**
     * @param  list<string>  $plain
     * @return list<Record>
     */
    private static function named(string $table, array $plain): array
    {
        return Record::all(DB::table($table)->select('id', 'code', 'name')
            ->whereRaw('(lower(code) IN (SELECT value FROM json_each(?)) OR lower(name) IN (SELECT value FROM json_each(?)))', array_fill(0, 2, json_encode($plain, JSON_THROW_ON_ERROR)))
            ->when($table === 'people', static fn ($people) => $people->where('access', '<>', 'viewer')));
    }
}
