<?php

declare(strict_types=1);

namespace App\Features\Preferences\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\LastWeekPencil;
use Illuminate\Validation\Rule;
use Moss\Core\Time\HoursFormat;

final class PreferencesRequest extends BoundedRequest
{
    /** What each is kept as. */
    private const COLUMNS = [
        'hoursFormat' => 'hours_format',
        'pencilPlan' => 'pencil_plan',
        'pencilLastWeek' => 'pencil_last_week',
        'pencilUsualWeek' => 'pencil_usual_week',
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'hoursFormat' => ['required_without_all:pencilPlan,pencilLastWeek,pencilUsualWeek', Rule::enum(HoursFormat::class)],
            'pencilPlan' => ['boolean'],
            'pencilLastWeek' => [Rule::enum(LastWeekPencil::class)],
            'pencilUsualWeek' => ['boolean'],
        ];
    }

    /** @return array<string, mixed> the attributes of the person that were given */
    public function given(): array
    {
        $given = [];
        foreach ($this->safe()->all() as $name => $value) {
            $given[self::COLUMNS[$name]] = $value;
        }

        return $given;
    }
}
