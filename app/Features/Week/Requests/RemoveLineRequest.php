<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\NamesLine;
use App\Http\Input\RowId;
use Moss\Core\Time\Minutes;

final class RemoveLineRequest extends BoundedRequest
{
    use NamesLine;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'task' => ['required', new RowId, 'exists:tasks,id'],
            'role' => ['nullable', new RowId, 'exists:roles,id'],
            'minutes' => ['required', 'integer'],
        ];
    }

    /** What the line held when it was asked for. */
    public function minutes(): Minutes
    {
        return Minutes::of($this->integer('minutes'));
    }
}
