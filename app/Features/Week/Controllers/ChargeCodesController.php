<?php

declare(strict_types=1);

namespace App\Features\Week\Controllers;

use App\ChargeCodes\Compositions;
use App\Features\Week\Actions\ChooseChargeCode;
use App\Features\Week\Actions\LineRefused;
use App\Features\Week\Queries\RecordableTasks;
use App\Features\Week\Requests\LineRequest;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The charge code of a line, where the client wants it composed of parts. */
final class ChargeCodesController
{
    /** What can be chosen for a line. */
    public function show(Person $person, Week $week, LineRequest $request, RecordableTasks $tasks): JsonResponse
    {
        Gate::authorize('recordWeek', $person);
        $client = ($tasks->byId($person, [$request->task()])[$request->task()] ?? null)?->clientId;
        $composition = Compositions::of([$client ?? 0])->ofClient($client) ?? throw new NotFoundHttpException;

        return response()->json(Compositions::props($composition));
    }

    public function update(#[CurrentUser] Person $actor, Person $person, Week $week, LineRequest $request, ChooseChargeCode $choose): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);
        try {
            $chargeCode = $choose->handle($actor, $person, $week, $request->task(), $request->role(), $request->chargeCode());
        } catch (LineRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', $request->chargeCode() === '' ? Wording::of('own_fields.charge_code.cleared') : Wording::of('own_fields.charge_code.chosen', ['code' => $chargeCode ?? '']));
    }
}
