<?php

declare(strict_types=1);

namespace App\Features\Settings\Requests;

use App\Features\Settings\Queries\OrganisationSetting;
use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;

/** A setting, its values, and the day from which they hold; none for at once. */
final class SettingRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'setting' => ['required', 'string', Rule::enum(OrganisationSetting::class)],
            'values' => ['required', 'array', 'max:5'],
            'values.*' => ['nullable', static function (string $name, mixed $value, \Closure $fail): void {
                if (! is_scalar($value) || strlen((string) $value) > 1000) {
                    $fail(Wording::of('personal.settings.value'));
                }
            }],
            'from' => ['nullable', 'string', new WorkDay(Wording::of('personal.settings.from')), 'after_or_equal:'.app(Today::class)->in('UTC')->toString()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['setting' => Wording::of('personal.settings.setting'), 'values' => Wording::of('personal.settings.value'), 'from' => Wording::of('personal.settings.from')];
    }

    public function setting(): OrganisationSetting
    {
        return OrganisationSetting::from($this->string('setting')->toString());
    }

    /** @return Day|null null for at once */
    public function from(Day $today): ?Day
    {
        $from = $this->filled('from') ? Day::of($this->string('from')->toString()) : $today;

        return $from->isAfter($today) ? $from : null;
    }
}
