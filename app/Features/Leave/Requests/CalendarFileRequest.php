<?php

declare(strict_types=1);

namespace App\Features\Leave\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\AbsenceKind;
use App\Support\Files\Calendar\CalendarFile;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;

/** The text of a calendar file, and the kind of absence of events that name none. */
final class CalendarFileRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'calendar' => ['required', 'string', 'max:'.CalendarFile::LONGEST],
            'kind' => ['required', 'integer', Rule::exists('absence_kinds', 'id')->where('is_retired', 0)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['calendar' => Wording::of('leave.file'), 'kind' => Wording::of('leave.kind')];
    }

    public function kind(): AbsenceKind
    {
        return AbsenceKind::query()->whereKey($this->integer('kind'))->sole();
    }
}
