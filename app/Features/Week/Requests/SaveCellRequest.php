<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use App\Features\Week\Actions\CellInput;
use Illuminate\Foundation\Http\FormRequest;
use Moss\Core\Calendar\Day;

final class SaveCellRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'task' => ['required', 'integer'],
            'role' => ['nullable', 'integer'],
            'date' => ['required', 'date_format:Y-m-d'],
            'hours' => ['present', 'nullable', 'string'],
            'seen' => ['nullable', 'integer'],
        ];
    }

    public function cell(): CellInput
    {
        return new CellInput(
            $this->integer('task'),
            $this->filled('role') ? $this->integer('role') : null,
            Day::of($this->string('date')->toString()),
            $this->string('hours')->toString(),
            $this->filled('seen') ? $this->integer('seen') : null,
        );
    }
}
