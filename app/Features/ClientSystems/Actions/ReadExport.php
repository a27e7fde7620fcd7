<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\ClientSystems\Queries\CodeAndKind;
use App\Features\ClientSystems\Queries\PayKindNames;
use App\Features\Plan\Actions\PlanText;
use App\Features\Uploads\Actions\ReceiveUpload;
use App\Models\ClientSystem;
use App\Models\ClientSystemDay;
use App\Models\ClientSystemPerson;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Files\CsvFile;
use App\Support\Files\MalformedCsv;
use DomainException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Reads what a client's system exports: all of it or nothing. What it said before of the days from its first to its last gives way. */
final readonly class ReadExport
{
    private const MOST_ROWS = 100_000;

    private const AT_ONCE = 500;

    public function __construct(private ReceiveUpload $receive, private AuditTrail $auditTrail, private FindOpenWeeks $weeks, private Today $today)
    {
    }

    /**
     * @param  string  $upload  id
     * @return int how many rows it had
     *
     * @throws ClientSystemRefused
     */
    public function handle(Person $office, ClientSystem $system, string $upload): int
    {
        $place = storage_path('app/private/client-systems/'.bin2hex(random_bytes(8)));
        try {
            $sent = $this->receive->handOver($office, $upload, $place) ?? throw ClientSystemRefused::because('upload', 'gone');
            [$minutes, $count] = self::read($system, $place);
        } finally {
            File::delete($place);
        }
        DB::transaction(function () use ($office, $system, $minutes, $sent): void {
            $people = self::people($system, array_map(strval(...), array_keys($minutes)));
            $dates = array_merge(...array_map(array_keys(...), array_values($minutes)));
            ClientSystemDay::query()->whereIn('client_system_person_id', ClientSystemPerson::query()->select('id')->where('client_system_id', $system->id))->whereBetween('date', [min($dates), max($dates)])->delete();
            $rows = [];
            foreach ($minutes as $called => $days) {
                foreach ($days as $date => $sums) {
                    foreach (array_filter($sums) as $key => $sum) {
                        [$code, $kind] = CodeAndKind::parts((string) $key);
                        $rows[] = ['client_system_person_id' => $people[mb_strtolower((string) $called)], 'date' => $date, 'charge_code' => $code, 'pay_kind' => $kind, 'minutes' => $sum];
                    }
                }
            }
            foreach (array_chunk($rows, self::AT_ONCE) as $part) {
                ClientSystemDay::query()->insert($part);
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::ClientSystem, $system->client->code, 'import', $office, null, ['file' => $sent->name, 'from' => min($dates), 'until' => max($dates), 'rows' => count($rows)])]);
            $system->update(['read_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
        });
        $this->weeks->handle($system);

        return $count;
    }

    /**
     * @return array{non-empty-array<array-key, non-empty-array<string, array<array-key, int>>>, int} minutes by what somebody is called, day, and charge code and kind; and how many rows
     *
     * @throws ClientSystemRefused
     */
    private static function read(ClientSystem $system, string $place): array
    {
        $stream = fopen($place, 'r');
        [$places, $minutes, $count, $kinds] = [null, [], 0, PayKindNames::of($system)->byName()];
        try {
            foreach ($stream === false ? [] : CsvFile::read($stream) as [$line, $cells]) {
                $cells = array_map(static fn (string $cell): string => trim(mb_scrub($cell, 'UTF-8')), $cells);
                if ($places === null) {
                    $places = self::places($system, $cells);

                    continue;
                }
                if (++$count > self::MOST_ROWS) {
                    throw ClientSystemRefused::because('upload', 'too_large', ['most' => self::MOST_ROWS]);
                }
                try {
                    $day = PlanText::day($cells[$places['date']] ?? '', 'startsOn')?->toString();
                    $amount = PlanText::minutes(str_replace(',', '.', $cells[$places['hours']] ?? ''))?->toInt() ?? 0;
                } catch (DomainException $refused) {
                    throw ClientSystemRefused::because('upload', 'line', ['line' => $line, 'sentence' => $refused->getMessage()]);
                }
                $called = mb_substr($cells[$places['person']] ?? '', 0, 200);
                if ($day === null || $called === '') {
                    throw ClientSystemRefused::because('upload', 'line', ['line' => $line, 'sentence' => __('clientsystems.no_day')]);
                }
                $code = isset($places['charge_code']) ? mb_substr($cells[$places['charge_code']] ?? '', 0, 200) : '';
                $kindThere = isset($places['pay_kind']) ? $cells[$places['pay_kind']] ?? '' : null;
                $kind = $kindThere === null ? null : $kinds[mb_strtolower($kindThere)] ?? throw ClientSystemRefused::because('upload', 'line', ['line' => $line, 'sentence' => __('clientsystems.no_kind', ['called' => mb_substr($kindThere, 0, 50)])]);
                $key = CodeAndKind::key($code, $kind ?? '');
                $minutes[$called][$day][$key] = ($minutes[$called][$day][$key] ?? 0) + $amount;
            }
        } catch (MalformedCsv) {
            throw ClientSystemRefused::because('upload', 'unreadable');
        }

        return $minutes === [] ? throw ClientSystemRefused::because('upload', 'empty') : [$minutes, $count];
    }

    /**
     * @param  list<string>  $headings
     * @return array{person: int, date: int, hours: int, charge_code?: int, pay_kind?: int}
     *
     * @throws ClientSystemRefused
     */
    private static function places(ClientSystem $system, array $headings): array
    {
        $place = static function (string $heading) use ($headings): int {
            $found = array_search(mb_strtolower($heading), array_map(mb_strtolower(...), $headings), true);

            return is_int($found) ? $found : throw ClientSystemRefused::because('upload', 'no_heading', ['heading' => $heading]);
        };

        return ['person' => $place($system->person_heading), 'date' => $place($system->date_heading), 'hours' => $place($system->hours_heading)]
            + ($system->charge_code_heading === '' ? [] : ['charge_code' => $place($system->charge_code_heading)])
            + ($system->pay_kind_heading === '' ? [] : ['pay_kind' => $place($system->pay_kind_heading)]);
    }

    /**
     * @param  list<string>  $called
     * @return array<string, int> ids by what somebody is called, in small letters
     */
    private static function people(ClientSystem $system, array $called): array
    {
        $known = ClientSystemPerson::query()->where('client_system_id', $system->id)->get();
        $isKnown = array_fill_keys($known->map(static fn (ClientSystemPerson $one): string => mb_strtolower($one->called))->all(), true);
        $column = in_array($system->person_by, ['code', 'email'], true) ? $system->person_by : 'name';
        $taken = $known->pluck('person_id')->filter()->all();
        $people = [];
        foreach (Person::query()->whereIn($column, [...$called, ...array_map(mb_strtolower(...), $called)])->whereKeyNot($taken)->get(['id', 'code', 'email', 'name']) as $person) {
            $people[mb_strtolower(match ($column) {
                'code' => $person->code,
                'email' => $person->email,
                default => $person->name,
            })][] = $person->id;
        }
        $new = [];
        foreach ($called as $one) {
            $plain = mb_strtolower($one);
            if (! isset($isKnown[$plain])) {
                // Two of the same name are nobody in particular.
                $new[$plain] ??= ['client_system_id' => $system->id, 'called' => $one, 'person_id' => count($people[$plain] ?? []) === 1 ? $people[$plain][0] : null];
            }
        }
        foreach (array_chunk(array_values($new), self::AT_ONCE) as $part) {
            ClientSystemPerson::query()->insert($part);
        }
        $ids = [];
        foreach (ClientSystemPerson::query()->where('client_system_id', $system->id)->get() as $one) {
            $ids[mb_strtolower($one->called)] = $one->id;
        }

        return $ids;
    }
}
