<?php

declare(strict_types=1);

namespace App\Features\Month\Actions;

use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\SaveCells;
use App\Models\Person;
use App\Support\Language\Wording;

/** Gives cells back what they held before their line was filled. What was changed or submitted since stays as it is. */
final readonly class UndoFill
{
    public function __construct(private SaveCells $save)
    {
    }

    /**
     * @param  list<FilledCell>  $cells
     * @return string what became of it, for people
     *
     * @throws FillRefused where nothing could be undone
     */
    public function handle(Person $person, int $task, ?int $role, array $cells): string
    {
        $results = SavedDays::of($this->save->handle($person, $person, array_map(
            static fn (FilledCell $cell): CellInput => new CellInput($task, $role, $cell->day, null, $cell->version, minutes: $cell->before), $cells,
        )));
        if ($results->saved === []) {
            throw new FillRefused($results->refusal() ?? '');
        }

        return Wording::of($results->refusal() === null ? 'month.undone' : 'month.partly_undone', [
            'task' => $results->saved[0]->task->name ?? '', 'days' => $results->refusedDays(), 'why' => $results->refusal() ?? '',
        ]);
    }
}
