<?php

declare(strict_types=1);

namespace App\Features\Leave\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\AbsenceClass;
use App\Models\AbsenceKind;
use App\Models\AbsenceVisibility;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;

/** A kind of absence and its allowance. */
final class AbsenceKindRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $kind = $this->route('kind');

        return [
            'name' => ['required', 'string', 'max:60', Rule::unique('absence_kinds', 'name')->ignore($kind instanceof AbsenceKind ? $kind->id : null)],
            'countsAs' => ['required', Rule::enum(AbsenceClass::class)],
            'visibleTo' => ['required', Rule::enum(AbsenceVisibility::class)],
            'needsApproval' => ['required', 'boolean'],
            'allowance' => ['nullable', 'string', 'regex:/^\d{1,3}([.,][05])?$/D'],
            'carried' => ['nullable', 'string', 'regex:/^\d{1,3}([.,][05])?$/D'],
            'from' => ['nullable', 'required_with:allowance', 'integer', 'between:2000,2100'],
            'retired' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.unique' => Wording::of('leave.kind_taken'), 'name' => Wording::of('leave.kind_name'), 'countsAs' => Wording::of('leave.kind_choice'), 'visibleTo' => Wording::of('leave.kind_choice'),
            'allowance' => Wording::of('leave.kind_days'), 'carried' => Wording::of('leave.kind_days'), 'from' => Wording::of('leave.kind_year'),
        ];
    }

    /** @return array{name: string, counts_as: string, visible_to: string, needs_approval: bool, allowance: int|null, carried_at_most: int, allowance_from: int|null, is_retired: bool} */
    public function values(): array
    {
        return [
            'name' => $this->string('name')->trim()->toString(),
            'counts_as' => $this->string('countsAs')->toString(),
            'visible_to' => $this->string('visibleTo')->toString(),
            'needs_approval' => $this->boolean('needsApproval'),
            'allowance' => $this->filled('allowance') ? self::halfDays($this->string('allowance')->toString()) : null,
            'carried_at_most' => $this->filled('carried') ? self::halfDays($this->string('carried')->toString()) : 0,
            'allowance_from' => $this->filled('allowance') ? $this->integer('from') : null,
            'is_retired' => $this->boolean('retired'),
        ];
    }

    /** @param  string  $days  such as `25` or `2.5` */
    public static function halfDays(string $days): int
    {
        [$whole, $half] = [...explode('.', str_replace(',', '.', $days)), '0'];

        return 2 * (int) $whole + ($half === '5' ? 1 : 0);
    }
}
