<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\NamesLine;
use App\Http\Input\RowId;

/** A line of a sheet, and the charge code that is wanted for it, if one is. */
final class LineRequest extends BoundedRequest
{
    use NamesLine;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'task' => ['required', new RowId, 'exists:tasks,id'],
            'role' => ['nullable', new RowId, 'exists:roles,id'],
            'chargeCode' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** Empty for that of the task. */
    public function chargeCode(): string
    {
        return $this->string('chargeCode')->trim()->toString();
    }
}
