<?php

declare(strict_types=1);

namespace App\Features\Stretches\Requests;

use App\Features\Stretches\Actions\StretchInput;
use App\Http\Input\BoundedRequest;
use App\Http\Input\NamesLine;
use App\Http\Input\WorkDay;
use App\Models\Role;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\Validator;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Clock\ClockSpan;
use Moss\Core\Clock\NotAClockTime;
use Moss\Core\Clock\SpanReversed;
use Moss\Core\Sheet\ClientNote;

/** A line, a day of the week, and a start and an end on it: as minutes after midnight, or as typed. */
final class StretchRequest extends BoundedRequest
{
    use NamesLine;

    private ?ClockSpan $span = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::ofLine(),
            'date' => ['required', new WorkDay],
            'times' => ['nullable', 'string', 'max:40'],
            'starts' => ['required_without:times', 'nullable', 'integer', 'min:0', 'max:1439'],
            'ends' => ['required_without:times', 'nullable', 'integer', 'min:1', 'max:1440'],
            'note' => ['nullable', 'string', 'max:'.ClientNote::MAX_LENGTH],
            'billable' => ['nullable', 'boolean'],
            'seen' => ['nullable', 'integer', 'min:1', 'max:1000000000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['times' => Wording::of('week.stretch.times'), 'starts' => Wording::of('week.stretch.times'), 'ends' => Wording::of('week.stretch.times')];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $week = $this->route('week');
            if ($week instanceof Week && ! $week->days()->includes($this->day())) {
                $validator->errors()->add('date', Wording::refusal('cell.other_week', ['day' => $this->day()->toString(), 'week' => $week->toString()]));
            }
            if ($this->filled('role') && ! Role::query()->whereKey($this->integer('role'))->exists()) {
                $validator->errors()->add('role', Wording::refusal('cell.no_role'));
            }
            try {
                $this->span = $this->filled('times') ? ClockSpan::read($this->string('times')->toString()) : ClockSpan::ofMinutes($this->integer('starts'), $this->integer('ends'));
            } catch (NotAClockTime|SpanReversed) {
                $validator->errors()->add('times', Wording::of('week.stretch.times'));
            }
        }];
    }

    public function stretch(): StretchInput
    {
        return new StretchInput(
            $this->task(), $this->role(), $this->day(),
            $this->span ?? ClockSpan::ofMinutes($this->integer('starts'), $this->integer('ends')), trim($this->string('note')->toString()),
            $this->filled('billable') ? $this->boolean('billable') : null,
        );
    }

    public function version(): int
    {
        return $this->integer('seen');
    }

    private function day(): Day
    {
        return Day::of($this->string('date')->toString());
    }
}
