<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Requests;

use App\Http\Input\BoundedRequest;

/** How much of a team's task is to be taken over. */
final class PickUpRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['hours' => ['nullable', 'string', 'max:50']];
    }

    public function hours(): string
    {
        return $this->string('hours')->toString();
    }
}
