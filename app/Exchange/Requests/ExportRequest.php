<?php

declare(strict_types=1);

namespace App\Exchange\Requests;

use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\Kinds\AllKinds;
use App\Http\Input\BoundedRequest;
use App\Http\Input\NotBefore;
use App\Http\Input\WorkDay;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;

/** Which files are exported, and of which period. */
class ExportRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kinds' => ['required', 'array', 'max:100'],
            'kinds.*' => ['required', 'string', Rule::in(array_map(static fn (FileKind $kind): string => $kind->file(), AllKinds::list()))],
            'from' => ['nullable', 'required_with:to', 'string', new WorkDay],
            'to' => ['nullable', 'required_with:from', 'string', new WorkDay, new NotBefore('from')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kinds' => ExchangeText::get('transfer.kinds'), 'kinds.*' => ExchangeText::get('transfer.kinds')];
    }

    /** @return list<string> names of files without `.csv` */
    public function kinds(): array
    {
        return array_map(static fn (string $file): string => basename($file, '.csv'), array_values(array_filter($this->array('kinds'), is_string(...))));
    }

    public function period(): ?DayRange
    {
        return $this->filled('from') && $this->filled('to') ? DayRange::between(Day::of($this->string('from')->toString()), Day::of($this->string('to')->toString())) : null;
    }
}
