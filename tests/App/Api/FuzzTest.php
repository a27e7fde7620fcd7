<?php

declare(strict_types=1);

namespace Tests\App\Api;

use App\Api\OpenApi\Document;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\App\OwnFields\OwnFieldFiles;
use Tests\App\TestCase;

/** Asks everything that the document knows with what it describes and with what it does not, as people with different rights. */
final class FuzzTest extends TestCase
{
    use AsksWithToken;

    private const EACH = 8;

    /** What each may not change, whatever they ask: rows that their hash is taken of. */
    private const KEPT = [
        'vic' => ['people' => null, 'projects' => null, 'tasks' => null, 'assignments' => null, 'entries' => null, 'corrections' => null, 'remaining_estimates' => null, 'decisions' => null, 'file_transfers' => null, 'clients' => null, 'audit_trail' => null],
        'bo' => ['people' => null, 'projects' => null, 'tasks' => null, 'assignments' => null, 'entries' => 'bo', 'corrections' => 'bo', 'remaining_estimates' => 'bo', 'decisions' => null, 'file_transfers' => null, 'clients' => null],
        'lee' => ['people' => null, 'tasks' => 'own', 'file_transfers' => null],
    ];

    private Randomizer $random;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(OwnFieldFiles::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,2,approved\nada,LENS,FIT,surveyor,2026-06-17,3,submitted\nbo,OWN,TRAIN,,2026-06-17,1,draft\n"]));
    }

    #[TestWith(['vic', 1])]
    #[TestWith(['bo', 2])]
    #[TestWith(['ada', 3])]
    #[TestWith(['mo', 4])]
    #[TestWith(['lee', 5])]
    #[TestWith(['kit', 6])]
    public function test_whatever_is_asked_is_answered_as_described_and_changes_nothing_of_others(string $person, int $seed): void
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $before = $this->kept($person);
        $statuses = [];
        foreach ($this->operations() as [$method, $path, $operation]) {
            for ($time = 0; $time < self::EACH; $time++) {
                $answer = $this->ask($person, $method, $this->address($path, $operation), $this->body($operation), $this->headers());
                $status = $answer->getStatusCode();
                self::assertLessThan(500, $status, "$method $path");
                $statuses[$status] = ($statuses[$status] ?? 0) + 1;
            }
        }
        self::assertSame($before, $this->kept($person));
        // It would find nothing if everything were refused at the door.
        self::assertGreaterThan($person === 'vic' ? 5 : 20, $statuses[200] ?? 0);
        self::assertGreaterThan(20, ($statuses[422] ?? 0) + ($statuses[403] ?? 0));
    }

    /** @return list<array{string, string, array<array-key, mixed>}> */
    private function operations(): array
    {
        $operations = [];
        foreach ((array) $this->app->make(Document::class)->toArray()['paths'] as $path => $methods) {
            foreach ((array) $methods as $method => $operation) {
                $operations[] = [strtoupper((string) $method), (string) $path, (array) $operation];
            }
        }

        return $operations;
    }

    /** @param  array<array-key, mixed>  $operation */
    private function address(string $path, array $operation): string
    {
        $query = [];
        foreach ((array) ($operation['parameters'] ?? []) as $parameter) {
            $name = data_get($parameter, 'name');
            if (! is_string($name)) {
                continue;
            }
            $in = data_get($parameter, 'in');
            if ($in === 'path') {
                $path = str_replace('{'.$name.'}', rawurlencode($this->known($name)), $path);
            } elseif ($in === 'query' && $this->random->getInt(0, 2) === 0) {
                $query[$name] = $this->random->getInt(0, 1) === 0 ? $this->known($name) : $this->value((array) data_get($parameter, 'schema'), 0);
            }
        }
        $query = array_filter($query, is_scalar(...));

        return $path.($query === [] ? '' : '?'.http_build_query($query));
    }

    /** Something that there is, mostly. */
    private function known(string $name): string
    {
        $values = match ($name) {
            'person', 'manager', 'email' => ['ada', 'bo', 'mo', 'lee', 'kit', 'vic', 'nobody'],
            'project' => ['LENS', 'OLD', 'OWN', 'NONE'],
            'client' => ['harbour', 'nix'],
            'taskCode' => ['FIT', 'CLEAN', 'TRAIN', 'SCRAP', 'none'],
            'days' => ['2026-W25', '2026-06', '2026-06-01--2026-06-15', '2026-W99', '2026-06-15--2026-06-01'],
            'by', 'then' => ['project', 'person', 'week', 'client'],
            default => ['1', '2', '3', '999', '0'],
        };

        return $values[$this->random->getInt(0, count($values) - 1)];
    }

    /**
     * @param  array<array-key, mixed>  $operation
     * @return array<string, mixed>
     */
    private function body(array $operation): array
    {
        $schema = data_get($operation, 'requestBody.content.application/json.schema');
        $body = is_array($schema) ? $this->value($schema, 0) : [];

        return is_array($body) ? array_filter($body, is_string(...), ARRAY_FILTER_USE_KEY) : ['body' => $body];
    }

    /** @return array<string, string> */
    private function headers(): array
    {
        return match ($this->random->getInt(0, 5)) {
            0 => ['If-Match' => '"1"'],
            1 => ['If-Match' => '*'],
            2 => ['If-Match' => '"1"', 'Idempotency-Key' => 'key-'.$this->random->getInt(1, 9)],
            3 => ['If-None-Match' => '"x"'],
            default => [],
        };
    }

    /** @param  array<array-key, mixed>  $schema */
    private function value(array $schema, int $depth): mixed
    {
        if ($this->random->getInt(0, 11) === 0) {
            return $this->nasty();
        }
        if (isset($schema['enum']) && is_array($schema['enum']) && $schema['enum'] !== []) {
            return array_values($schema['enum'])[$this->random->getInt(0, count($schema['enum']) - 1)];
        }
        $type = is_array($schema['type'] ?? null) ? $schema['type'][0] : ($schema['type'] ?? 'string');

        return match ($type) {
            'integer' => $this->random->getInt(0, 5),
            'boolean' => $this->random->getInt(0, 1) === 1,
            'array' => $depth > 4 ? [] : array_map(fn (): mixed => $this->value((array) ($schema['items'] ?? []), $depth + 1), range(1, $this->random->getInt(1, 3))),
            'object' => $this->object((array) ($schema['properties'] ?? []), $depth) + (isset($schema['additionalProperties']) ? [['place', 'miles', 'risk', 'ledger', 'union', 'nix'][$this->random->getInt(0, 5)] => $this->text('')] : []),
            default => $this->text($schema['format'] ?? ''),
        };
    }

    /**
     * @param  array<array-key, mixed>  $properties
     * @return array<array-key, mixed>
     */
    private function object(array $properties, int $depth): array
    {
        $object = [];
        foreach ($properties as $name => $schema) {
            if ($this->random->getInt(0, 4) > 0) {
                $isCode = in_array($name, ['person', 'manager', 'project'], true) && $this->random->getInt(0, 3) > 0;
                $object[$name] = $isCode ? $this->known((string) $name) : $this->value((array) $schema, $depth + 1);
            }
        }

        return $object;
    }

    private function text(mixed $format): string
    {
        $texts = $format === 'date'
            ? ['2026-06-16', '2026-06-17', '2026-06-30', '2026-02-30', '']
            : ['8', '7:30', 'home', 'WP1/LAB', 'FIT', 'ada', 'surveyor', 'LENS', 'field', 'A name', 'x@lighthouse.example', '', '2026-06-17', 'clients.csv', "client,name\nquay,Quay\n"];

        return $texts[$this->random->getInt(0, count($texts) - 1)];
    }

    private function nasty(): mixed
    {
        $values = [null, -1, 0, PHP_INT_MAX, 1.5, true, [], [[]], ['a' => ['b' => 1]], str_repeat('x', 5000), "\u{202e}\u{0}", '1e9', '\' OR 1=1 --', '<script>', '../../etc/passwd', "a\tb\nc", '٣', "\u{1F9F7}"];

        return $values[$this->random->getInt(0, count($values) - 1)];
    }

    /** @return array<string, string> hashes of what the person may not change */
    private function kept(string $person): array
    {
        $hashes = [];
        foreach (self::KEPT[$person] ?? [] as $table => $whose) {
            $rows = DB::table($table)->orderBy('id');
            if ($whose === 'own') {
                // A project that somebody created, or has become the manager of, is theirs to plan.
                $rows->whereIn('project_id', DB::table('projects')->whereIn('code', ['LENS', 'OLD', 'OWN'])->select('id'));
            } elseif ($whose !== null) {
                $rows->where('person_id', '<>', $this->person($whose)->id);
            }
            $hashes[$table] = hash('sha256', json_encode($rows->get(), JSON_THROW_ON_ERROR));
        }

        return $hashes;
    }
}
