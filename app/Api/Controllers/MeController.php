<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\OpenApi\Describes;
use App\Api\Resources\Me;
use App\Models\AccessRight;
use App\Models\AccessToken;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class MeController
{
    #[Describes('Whose token this is, and what it may be used for.', Me::class)]
    public function show(#[CurrentUser] Person $person): JsonResponse
    {
        $person->loadMissing(['team:id,code', 'manager:id,code']);
        /** @var AccessToken $token */
        $token = $person->currentAccessToken();

        return new JsonResponse(new Me(
            $person->code, $person->name, $person->email, $person->access, $person->team?->code, $person->manager?->code, $person->timezone,
            array_values(array_filter(array_map(AccessRight::tryFrom(...), $token->abilities))), $token->expires_at->format('Y-m-d'),
        ));
    }
}
