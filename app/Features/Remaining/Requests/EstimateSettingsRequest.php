<?php

declare(strict_types=1);

namespace App\Features\Remaining\Requests;

use App\Http\Input\BoundedRequest;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Moss\Core\Effort\EstimateMode;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/** How remaining estimates take effect. */
final class EstimateSettingsRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['mode' => ['required', Rule::enum(EstimateMode::class)], 'tolerance' => ['nullable', 'string', 'max:50']];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            try {
                $this->tolerance();
            } catch (HoursTextRefused $refused) {
                $validator->errors()->add('tolerance', Wording::hoursRefused($refused));
            }
        }];
    }

    public function mode(): EstimateMode
    {
        return EstimateMode::from($this->string('mode')->toString());
    }

    /** @throws HoursTextRefused */
    public function tolerance(): Minutes
    {
        return HoursText::ofPlan(trim($this->string('tolerance')->toString()));
    }
}
