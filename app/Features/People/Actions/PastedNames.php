<?php

declare(strict_types=1);

namespace App\Features\People\Actions;

use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Lookup\FreeCode;
use App\Models\Person;
use App\Models\Role;
use App\Models\Team;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Builder;

/** Teams and roles that pasted rows name and that there are not yet. */
final readonly class PastedNames
{
    /**
     * @param  array<string, string>  $teams  names by the same in small letters
     * @param  array<string, string>  $roles  likewise
     */
    private function __construct(private array $teams, private array $roles)
    {
    }

    /** @param  list<PastedPerson>  $rows */
    public static function in(array $rows, PastedReferences $known): self
    {
        return new self(
            self::unknown(array_map(static fn (PastedPerson $row): string => $row->team, $rows), $known->teams),
            self::unknown(array_map(static fn (PastedPerson $row): string => $row->role, $rows), $known->roles),
        );
    }

    /** What they are, for whoever is to agree to adding them; empty where there are none. */
    public function told(): string
    {
        $told = [
            ...array_map(static fn (string $name): string => Wording::of('organisation.pasted_new_team', ['name' => $name]), $this->teams),
            ...array_map(static fn (string $name): string => Wording::of('organisation.pasted_new_role', ['name' => $name]), $this->roles),
        ];

        return implode(', ', $told);
    }

    /** @return list<AuditTrailLine> */
    public function add(Person $by): array
    {
        return [
            ...self::added($by, Team::query(), AuditTrailSubject::Team, $this->teams),
            ...self::added($by, Role::query(), AuditTrailSubject::Role, $this->roles),
        ];
    }

    /**
     * @param  list<string>  $names
     * @param  array<string, int|null>  $known
     * @return array<string, string>
     */
    private static function unknown(array $names, array $known): array
    {
        $unknown = [];
        foreach ($names as $name) {
            $key = mb_strtolower($name);
            if ($name !== '' && ! array_key_exists($key, $known)) {
                $unknown[$key] ??= $name;
            }
        }

        return $unknown;
    }

    /**
     * @param  Builder<covariant Role|Team>  $all
     * @param  array<string, string>  $names
     * @return list<AuditTrailLine>
     */
    private static function added(Person $by, Builder $all, AuditTrailSubject $subject, array $names): array
    {
        if ($names === []) {
            return [];
        }
        $taken = array_fill_keys(array_map(mb_strtolower(...), array_filter($all->clone()->pluck('code')->all(), is_string(...))), true);
        $rows = [];
        foreach ($names as $name) {
            $code = FreeCode::among($taken, $name, $subject->value);
            $taken[$code] = true;
            $rows[] = ['code' => $code, 'name' => $name];
        }
        $all->clone()->insert($rows);

        return array_map(static fn (array $row): AuditTrailLine => AuditTrailLine::on($subject, $row['code'], 'add', $by, null, ['name' => $row['name']]), $rows);
    }
}
