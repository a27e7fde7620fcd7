<?php

declare(strict_types=1);

namespace App\Features\Preferences\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Moss\Core\Time\HoursFormat;

final class PreferencesRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['hoursFormat' => ['required', Rule::enum(HoursFormat::class)]];
    }

    public function hoursFormat(): HoursFormat
    {
        return HoursFormat::from($this->string('hoursFormat')->toString());
    }
}
