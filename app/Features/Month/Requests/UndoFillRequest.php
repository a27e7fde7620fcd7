<?php

declare(strict_types=1);

namespace App\Features\Month\Requests;

use App\Features\Month\Actions\FilledCell;
use App\Http\Input\BoundedRequest;
use App\Http\Input\NamesLine;
use App\Http\Input\WorkDay;
use App\Support\Language\Wording;
use Closure;

/** Which cells of a line are to hold again what they held before it was filled. */
final class UndoFillRequest extends BoundedRequest
{
    use NamesLine;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::ofLine(),
            'cells' => ['required', 'string', 'max:1000', static function (string $attribute, mixed $value, Closure $fail): void {
                foreach (explode(',', is_string($value) ? $value : '') as $cell) {
                    if (! FilledCell::isText($cell) || WorkDay::fault(substr($cell, 0, 10)) !== null) {
                        $fail(Wording::of('month.cannot_undo'));

                        return;
                    }
                }
            }],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['cells' => Wording::of('month.cannot_undo')];
    }

    /** @return list<FilledCell> one for each day */
    public function cells(): array
    {
        $cells = [];
        foreach (explode(',', $this->string('cells')->toString()) as $text) {
            $cell = FilledCell::read($text);
            $cells[$cell->day->toString()] ??= $cell;
        }

        return array_values($cells);
    }
}
