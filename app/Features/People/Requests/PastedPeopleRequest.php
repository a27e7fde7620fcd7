<?php

declare(strict_types=1);

namespace App\Features\People\Requests;

use App\Features\People\Actions\PastedPerson;
use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Support\Language\Wording;
use Moss\Core\Calendar\Day;

/** Rows of people as a spreadsheet has them: teams, roles and managers by name or code. */
final class PastedPeopleRequest extends BoundedRequest
{
    private const MOST = 500;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rows' => ['required', 'array', 'max:'.self::MOST],
            'rows.*.name' => ['required', 'string', 'max:200'],
            'rows.*.email' => ['required', 'string', 'email', 'max:254'],
            'rows.*.team' => ['nullable', 'string', 'max:200'],
            'rows.*.manager' => ['nullable', 'string', 'max:254'],
            'rows.*.role' => ['nullable', 'string', 'max:200'],
            'rows.*.access' => ['nullable', 'string', 'max:20'],
            'rows.*.startsOn' => ['nullable', 'string', new WorkDay],
            'agreed' => ['nullable', 'string', 'max:200000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'rows' => Wording::of('organisation.pasted_rows'),
            'rows.*.name' => Wording::of('organisation.person_name'),
            'rows.*.email' => Wording::of('organisation.person_email'),
        ];
    }

    /** Teams and roles that are to be added with them, as they were told. */
    public function agreed(): string
    {
        return $this->string('agreed')->toString();
    }

    /** @return list<PastedPerson> */
    public function people(): array
    {
        $people = [];
        foreach ($this->array('rows') as $row) {
            $text = static fn (string $name): string => is_array($row) && is_string($row[$name] ?? null) ? trim($row[$name]) : '';
            $people[] = new PastedPerson($text('name'), mb_strtolower($text('email')), $text('team'), $text('manager'), $text('role'), $text('access'), $text('startsOn') === '' ? null : Day::of($text('startsOn')));
        }

        return $people;
    }
}
