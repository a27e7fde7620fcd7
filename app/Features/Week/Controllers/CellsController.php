<?php

declare(strict_types=1);

namespace App\Features\Week\Controllers;

use App\Features\Week\Actions\CellResult;
use App\Features\Week\Actions\SaveCells;
use App\Features\Week\Props\CellProps;
use App\Features\Week\Props\SavedCellProps;
use App\Features\Week\Props\SavedCellsProps;
use App\Features\Week\Queries\CellView;
use App\Features\Week\Queries\WeekTotals;
use App\Features\Week\Requests\SaveCellsRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;

final class CellsController
{
    public function update(#[CurrentUser] Person $actor, Person $person, Week $week, SaveCellsRequest $request, SaveCells $save, WeekTotals $totals, Today $today): JsonResponse
    {
        Gate::authorize('recordWeek', $person);
        $at = $today->now()->format('Y-m-d\TH:i:s\Z');
        $results = $save->handle($actor, $person, $request->cells());

        return response()->json(new SavedCellsProps(
            array_map(static fn (CellResult $result): SavedCellProps => new SavedCellProps(
                $result->input->line(), $result->outcome, $result->message, self::cell($result, $actor, $person, $at),
            ), $results),
            $totals->of($person, $week),
        ));
    }

    private static function cell(CellResult $result, Person $actor, Person $owner, string $at): CellProps
    {
        $date = $result->input->day->toString();

        return $result->entry === null || $result->task === null
            ? CellView::empty($date, $result->task !== null && $result->task->billable, $result->task?->isOpen() ?? false)
            : CellView::saved($date, $result->task, $result->entry, $result->fields, $result->pay, $actor->id === $owner->id ? null : $actor->name, $at);
    }
}
