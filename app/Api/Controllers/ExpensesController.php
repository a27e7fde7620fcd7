<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\Input\ExpensesRequest;
use App\Api\OpenApi\Describes;
use App\Api\Queries\ExpensePages;
use App\Api\Resources\ExpenseList;
use App\Models\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class ExpensesController
{
    #[Describes('What a person spent, in the order of days.', ExpenseList::class)]
    public function index(Person $person, ExpensesRequest $request): JsonResponse
    {
        Gate::authorize('viewWeek', $person);

        return new JsonResponse(ExpensePages::of($person, $request));
    }
}
