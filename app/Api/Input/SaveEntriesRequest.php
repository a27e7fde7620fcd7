<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Features\Week\Actions\CellInput;
use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Models\Project;
use App\Models\Role;
use App\Models\Task;
use App\OwnFields\TypedFields;
use App\Pay\TypedPay;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\Validator;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Entries that are to be made, changed or cleared, each named by project, task, role and day. */
final class SaveEntriesRequest extends BoundedRequest implements DescribesBody
{
    private const MOST = 200;

    /** @var array<string, int> by project and code */
    private array $tasks = [];

    /** @var array<string, int> by code */
    private array $roles = [];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'entries' => ['required', 'list', 'min:1', 'max:'.self::MOST],
            'entries.*.project' => ['required', 'string', 'max:64'],
            'entries.*.task' => ['required', 'string', 'max:64'],
            'entries.*.role' => ['nullable', 'string', 'max:64'],
            'entries.*.date' => ['required', new WorkDay],
            'entries.*.version' => ['nullable', 'integer'],
            ...EntryRequest::rulesUnder('entries.*.'),
        ];
    }

    public static function fields(): array
    {
        return ['entries' => ['type' => 'array', 'minItems' => 1, 'maxItems' => self::MOST, 'items' => [
            'type' => 'object',
            'required' => ['project', 'task', 'date'],
            'properties' => [
                'project' => ['type' => 'string', 'description' => 'Code of the project.'],
                'task' => ['type' => 'string', 'description' => 'Code of the task within the project.'],
                'role' => ['type' => ['string', 'null'], 'description' => 'Code of the role.'],
                'date' => ['type' => 'string', 'format' => 'date'],
                'version' => ['type' => ['integer', 'null'], 'description' => 'The version that was seen; none where there was no entry.'],
                ...EntryRequest::fields(),
            ],
        ]]];
    }

    public static function required(): array
    {
        return ['entries'];
    }

    /** @return list<Closure> what concerns the entries together, once each of them has the right shape */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $this->readNames();
            $seen = [];
            foreach ($this->given() as $index => $entry) {
                $place = self::place($entry['project'], $entry['task'], $entry['role'] ?? null, $entry['date']);
                $problem = match (true) {
                    ! isset($this->tasks[$entry['project'].' '.$entry['task']]) => ['task', Wording::of('api.unknown_task', ['task' => $entry['task'], 'project' => $entry['project']])],
                    isset($entry['role']) && ! isset($this->roles[$entry['role']]) => ['role', Wording::of('api.unknown_role', ['role' => $entry['role']])],
                    isset($entry['hours'], $entry['minutes']) => ['minutes', Wording::of('api.amount')],
                    isset($seen[$place]) => ['date', Wording::refusal('cell.twice')],
                    default => null,
                };
                $seen[$place] = true;
                if ($problem !== null) {
                    $validator->errors()->add("entries.$index.$problem[0]", $problem[1]);
                }
            }
        }];
    }

    /** @return list<CellInput> */
    public function cells(): array
    {
        return array_map(fn (array $entry): CellInput => new CellInput(
            $this->tasks[$entry['project'].' '.$entry['task']],
            isset($entry['role']) ? $this->roles[$entry['role']] : null,
            Day::of($entry['date']),
            // An empty text is null by the time it is here; asking for hours at all is what counts.
            array_key_exists('hours', $entry) ? $entry['hours'] ?? '' : null,
            isset($entry['version']) ? (int) $entry['version'] : null,
            array_key_exists('note', $entry) ? $entry['note'] ?? '' : null,
            array_key_exists('clientNote', $entry) ? $entry['clientNote'] ?? '' : null,
            isset($entry['billable']) ? (bool) $entry['billable'] : null,
            isset($entry['minutes']) ? Minutes::of((int) $entry['minutes']) : null,
            isset($entry['fields']) ? TypedFields::texts($entry['fields']) : null,
            array_key_exists('chargeCode', $entry) ? $entry['chargeCode'] ?? '' : null,
            isset($entry['pay']) ? TypedPay::read($entry['pay']) : null,
        ), $this->given());
    }

    /** @return list<array{project: string, task: string, role?: string|null, date: string, version?: int|string|null, hours?: string|null, minutes?: int|string|null, note?: string|null, clientNote?: string|null, billable?: bool|int|string|null, fields?: array<array-key, string|null>|null, chargeCode?: string|null, pay?: array<array-key, string|int|null>|null}> */
    private function given(): array
    {
        /** @var list<array{project: string, task: string, role?: string|null, date: string, version?: int|string|null, hours?: string|null, minutes?: int|string|null, note?: string|null, clientNote?: string|null, billable?: bool|int|string|null, fields?: array<array-key, string|null>|null, chargeCode?: string|null, pay?: array<array-key, string|int|null>|null}> $entries */
        $entries = $this->array('entries');

        return $entries;
    }

    private function readNames(): void
    {
        $given = $this->given();
        foreach (Task::query()->with('project:id,code')->whereIn('code', array_unique(array_column($given, 'task')))->whereIn('project_id', Project::query()->whereIn('code', array_unique(array_column($given, 'project')))->select('id'))->get() as $task) {
            $this->tasks[$task->project->code.' '.$task->code] = $task->id;
        }
        foreach (Role::query()->whereIn('code', array_unique(array_filter(array_column($given, 'role'))))->get() as $role) {
            $this->roles[$role->code] = $role->id;
        }
    }

    private static function place(string $project, string $task, ?string $role, string $date): string
    {
        return implode(' ', [$project, $task, $role, $date]);
    }
}
