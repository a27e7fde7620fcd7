<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\Features\Week\Queries\RecordableTasks;
use App\Models\Person;
use App\Models\Role;
use App\Models\SheetChoice;
use App\Models\SheetChoiceKind;
use App\Support\Language\Wording;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** Adds lines to a week and rubs pencil out of it, or undoes either. All of it, or nothing; twice is the same as once. */
final readonly class ChooseInSheet
{
    public function __construct(private RecordableTasks $tasks)
    {
    }

    /**
     * @param  list<Choice>  $choices
     *
     * @throws LineRefused if a line cannot be added, or there is no such task or role
     */
    public function handle(Person $owner, Week $week, array $choices): void
    {
        $this->mustBeOpen($owner, $week, $choices);
        DB::transaction(static function () use ($owner, $week, $choices): void {
            $key = static fn (Choice $choice): array => [
                'person_id' => $owner->id,
                'week' => $week->toString(),
                'task_id' => $choice->task,
                'role_id' => $choice->role,
                'date' => $choice->day?->toString(),
            ];
            SheetChoice::query()->toBase()->where(static function (Builder $any) use ($choices, $key): void {
                foreach ($choices as $choice) {
                    $any->orWhere(static fn (Builder $one): Builder => $one->where($key($choice)));
                }
            })->delete();
            SheetChoice::query()->insert(array_map(
                static fn (Choice $choice): array => [...$key($choice), 'choice' => $choice->choice?->value],
                array_values(array_filter($choices, static fn (Choice $choice): bool => $choice->choice !== null)),
            ));
        });
    }

    /** @param  list<Choice>  $choices */
    private function mustBeOpen(Person $owner, Week $week, array $choices): void
    {
        $tasks = $this->tasks->byId($owner, array_values(array_unique(array_map(static fn (Choice $choice): int => $choice->task, $choices))));
        $roles = Role::query()->whereKey(array_filter(array_map(static fn (Choice $choice): ?int => $choice->role, $choices)))->pluck('id')->all();
        // Whoever starts within the week can have lines in it.
        $day = $owner->starts_on === null ? $week->monday() : Day::later($week->monday(), Day::earlier($week->sunday(), $owner->starts_on));
        foreach ($choices as $choice) {
            $task = $tasks[$choice->task] ?? null;
            $refusal = match (true) {
                $choice->role !== null && ! in_array($choice->role, $roles, true) => Wording::refusal('cell.no_role'),
                $task === null => Wording::refusal('cell.no_task'),
                $choice->choice === SheetChoiceKind::Added => $this->tasks->refusal($owner, $task, $day),
                default => null,
            };
            if ($refusal !== null) {
                throw LineRefused::because($refusal);
            }
        }
    }
}
