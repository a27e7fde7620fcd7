<?php

declare(strict_types=1);

namespace App\Features\Preferences\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\LastWeekPencil;
use App\Support\Language\ReaderLanguage;
use Illuminate\Validation\Rule;
use Moss\Core\Time\HoursFormat;

final class PreferencesRequest extends BoundedRequest
{
    /** What each is stored as. */
    private const COLUMNS = [
        'hoursFormat' => 'hours_format',
        'language' => 'language',
        'locale' => 'locale',
        'pencilPlan' => 'pencil_plan',
        'pencilLastWeek' => 'pencil_last_week',
        'pencilUsualWeek' => 'pencil_usual_week',
        'pencilsTrackedTime' => 'pencils_tracked_time',
        'knowsPencil' => 'knows_pencil',
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'hoursFormat' => ['sometimes', 'required', Rule::enum(HoursFormat::class)],
            'language' => ['sometimes', 'required', 'string', Rule::in(ReaderLanguage::languages())],
            'locale' => ['nullable', 'string', Rule::in(ReaderLanguage::locales())],
            'pencilPlan' => ['boolean'],
            'pencilLastWeek' => [Rule::enum(LastWeekPencil::class)],
            'pencilUsualWeek' => ['boolean'],
            'pencilsTrackedTime' => ['boolean'],
            'knowsPencil' => ['sometimes', 'accepted'],
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
