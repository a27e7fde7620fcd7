<?php

declare(strict_types=1);

namespace App\Features\People\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Lookup\FreeCode;
use App\Models\Access;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/**
 * Adds many people at once, or nobody: every row that cannot be taken is said. A row can name another as its line manager, and, where
 * that was agreed to, a team or a role that there is not yet. Who has no first day works here from this week on.
 */
final readonly class AddPastedPeople
{
    private const ACCESSES = ['' => Access::Member, 'member' => Access::Member, 'manager' => Access::Manager, 'office' => Access::Office, 'time office' => Access::Office, 'viewer' => Access::Viewer];

    /** How many line managers may stand above each other among the rows. */
    private const LEVELS = 20;

    public function __construct(private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * @param  list<PastedPerson>  $rows
     * @param  string  $agreed  teams and roles that are to be added with them, as they were told
     *
     * @throws PastedPeopleRefused
     */
    public function handle(Person $by, array $rows, string $agreed): void
    {
        DB::transaction(function () use ($by, $rows, $agreed): void {
            $known = PastedReferences::read();
            $names = PastedNames::in($rows, $known);
            $told = $names->told();
            if ($told !== '' && $told === $agreed) {
                $this->auditTrail->of($names->add($by));
                $known = PastedReferences::read();
            }
            $own = [];
            foreach ($rows as $index => $row) {
                $own += [$row->email => $index, mb_strtolower($row->name) => $index];
            }
            $faults = self::faults($rows, $known, $own);
            if ($faults !== []) {
                throw new PastedPeopleRefused($faults, $told);
            }
            $codes = self::codes($rows, $known->codes);
            $this->insert($rows, $codes, $known, $own, Week::containing($this->today->for($by))->monday());
            $this->auditTrail->of(array_map(static fn (PastedPerson $row, string $code): AuditTrailLine => AuditTrailLine::on(AuditTrailSubject::Person, $code, 'add', $by, null, ['name' => $row->name, 'email' => $row->email]), $rows, $codes));
        });
    }

    /**
     * @param  list<PastedPerson>  $rows
     * @param  array<string, int>  $own  rows by email address and name
     * @return array<string, string>
     */
    private static function faults(array $rows, PastedReferences $known, array $own): array
    {
        $faults = [];
        $seen = [];
        foreach ($rows as $index => $row) {
            $manager = mb_strtolower($row->manager);
            $faults += array_filter([
                "$index.email" => isset($known->emails[$row->email]) || isset($seen[$row->email]) ? Wording::of('organisation.person_email_taken') : null,
                "$index.team" => self::faultOf('team', $row->team, $known->teams),
                "$index.role" => self::faultOf('role', $row->role, $known->roles),
                "$index.access" => ! isset(self::ACCESSES[mb_strtolower($row->access)]) ? Wording::of('organisation.pasted_access', ['access' => $row->access]) : null,
                "$index.manager" => isset($own[$manager]) ? null : self::faultOf('manager', $row->manager, $known->people),
            ]);
            $seen[$row->email] = true;
        }

        return $faults + (self::levels($rows, $known, $own) === null ? ['0.manager' => Wording::of('organisation.person_manager')] : []);
    }

    /** @param  array<string, int|null>  $known */
    private static function faultOf(string $kind, string $name, array $known): ?string
    {
        $key = mb_strtolower($name);

        return $name === '' || isset($known[$key]) ? null : Wording::of('organisation.pasted_'.(array_key_exists($key, $known) ? 'many_' : 'no_').$kind, ['name' => $name]);
    }

    /**
     * Rows whose line manager is there already, then those whose line manager is among them, and so on.
     *
     * @param  list<PastedPerson>  $rows
     * @param  array<string, int>  $own
     * @return list<list<int>>|null  null where they go round in a circle
     */
    private static function levels(array $rows, PastedReferences $known, array $own): ?array
    {
        $open = array_keys($rows);
        $done = [];
        $levels = [];
        while ($open !== [] && count($levels) < self::LEVELS) {
            $level = array_values(array_filter($open, static function (int $index) use ($rows, $known, $own, $done): bool {
                $manager = mb_strtolower($rows[$index]->manager);

                return $manager === '' || isset($known->people[$manager]) || isset($done[$own[$manager] ?? -1]) || ! isset($own[$manager]);
            }));
            if ($level === []) {
                return null;
            }
            $levels[] = $level;
            $done += array_fill_keys($level, true);
            $open = array_values(array_diff($open, $level));
        }

        return $open === [] ? $levels : null;
    }

    /**
     * @param  list<PastedPerson>  $rows
     * @param  list<string>  $codes
     * @param  array<string, int>  $own
     */
    private function insert(array $rows, array $codes, PastedReferences $known, array $own, Day $monday): void
    {
        $ids = [];
        foreach (self::levels($rows, $known, $own) ?? [] as $level) {
            Person::query()->insert(array_map(static function (int $index) use ($rows, $codes, $known, $own, $monday, $ids): array {
                $row = $rows[$index];
                $manager = mb_strtolower($row->manager);

                return [
                    'code' => $codes[$index],
                    'name' => $row->name,
                    'email' => $row->email,
                    'team_id' => $known->teams[mb_strtolower($row->team)] ?? null,
                    'role_id' => $known->roles[mb_strtolower($row->role)] ?? null,
                    'manager_id' => $known->people[$manager] ?? $ids[$codes[$own[$manager] ?? -1] ?? ''] ?? null,
                    'access' => self::ACCESSES[mb_strtolower($row->access)]->value,
                    'starts_on' => ($row->startsOn ?? $monday)->toString(),
                ];
            }, $level));
            $ids += Person::query()->whereIn('code', array_map(static fn (int $index): string => $codes[$index], $level))->pluck('id', 'code')->all();
        }
    }

    /**
     * @param  list<PastedPerson>  $rows
     * @param  array<string, true>  $taken
     * @return list<string>
     */
    private static function codes(array $rows, array $taken): array
    {
        $codes = [];
        foreach ($rows as $row) {
            $code = FreeCode::among($taken, (string) strstr($row->email, '@', true), 'person');
            $taken[$code] = true;
            $codes[] = $code;
        }

        return $codes;
    }
}
