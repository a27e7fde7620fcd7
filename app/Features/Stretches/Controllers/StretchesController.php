<?php

declare(strict_types=1);

namespace App\Features\Stretches\Controllers;

use App\Features\Stretches\Actions\ChangeStretch;
use App\Features\Stretches\Actions\DrawStretch;
use App\Features\Stretches\Actions\InkStretches;
use App\Features\Stretches\Actions\RemoveStretch;
use App\Features\Stretches\Actions\SeenStretch;
use App\Features\Stretches\Actions\SplitStretch;
use App\Features\Stretches\Actions\StretchRefused;
use App\Features\Stretches\Requests\InkRequest;
use App\Features\Stretches\Requests\SeenStretchRequest;
use App\Features\Stretches\Requests\StretchRequest;
use App\Models\Person;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Week;

/** Time by the clock in a person's week. The page asks for the week again afterwards. */
final class StretchesController
{
    public function store(#[CurrentUser] Person $actor, Person $person, Week $week, StretchRequest $request, DrawStretch $draw): JsonResponse
    {
        return $this->after($person, static fn (): int => $draw->handle($actor, $person, $request->stretch())->id);
    }

    public function update(#[CurrentUser] Person $actor, Person $person, Week $week, int $stretch, StretchRequest $request, ChangeStretch $change): JsonResponse
    {
        return $this->after($person, static function () use ($actor, $person, $stretch, $request, $change): null {
            $change->handle($actor, $person, new SeenStretch($stretch, $request->version()), $request->stretch());

            return null;
        });
    }

    public function split(Person $person, Week $week, int $stretch, SeenStretchRequest $request, SplitStretch $split): JsonResponse
    {
        return $this->after($person, static function () use ($person, $stretch, $request, $split): null {
            $split->handle($person, new SeenStretch($stretch, $request->version()), $request->at());

            return null;
        });
    }

    public function ink(#[CurrentUser] Person $actor, Person $person, Week $week, InkRequest $request, InkStretches $ink): JsonResponse
    {
        return $this->after($person, static function () use ($actor, $person, $request, $ink): null {
            $ink->handle($actor, $person, $request->stretches());

            return null;
        });
    }

    public function destroy(#[CurrentUser] Person $actor, Person $person, Week $week, int $stretch, SeenStretchRequest $request, RemoveStretch $remove): JsonResponse
    {
        return $this->after($person, static function () use ($actor, $person, $stretch, $request, $remove): null {
            $remove->handle($actor, $person, new SeenStretch($stretch, $request->version()));

            return null;
        });
    }

    /** @param  Closure(): ?int  $act  gives the id of what was made, where something was */
    private function after(Person $person, Closure $act): JsonResponse
    {
        Gate::authorize('recordWeek', $person);
        try {
            $made = $act();
        } catch (StretchRefused $refused) {
            return response()->json(['message' => $refused->getMessage()], 409);
        }

        return response()->json(['saved' => true, 'stretch' => $made]);
    }
}
