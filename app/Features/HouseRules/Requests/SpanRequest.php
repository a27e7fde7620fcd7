<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\Validator;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Clock\Attendance;
use Moss\Core\Clock\AttendanceRefused;
use Moss\Core\Clock\ClockTime;
use Moss\Core\Clock\NotAClockTime;

/** Start, end and breaks of a day, as typed; without a start and an end, the day has none. */
final class SpanRequest extends BoundedRequest
{
    private ?Attendance $attendance = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', new WorkDay],
            'starts' => ['nullable', 'string', 'max:20', 'required_with:ends'],
            'ends' => ['nullable', 'string', 'max:20', 'required_with:starts'],
            'breaks' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['starts' => Wording::refusal('span.starts'), 'ends' => Wording::refusal('span.ends'), 'breaks' => Wording::refusal('span.breaks')];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $week = $this->route('week');
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            if ($week instanceof Week && ! $week->days()->includes($this->day())) {
                $validator->errors()->add('date', Wording::refusal('cell.other_week', ['day' => $this->day()->toString(), 'week' => $week->toString()]));
            } elseif ($this->filled('starts')) {
                $this->readTimes($validator);
            }
        }];
    }

    public function day(): Day
    {
        return Day::of($this->string('date')->toString());
    }

    /** Null for none. */
    public function attendance(): ?Attendance
    {
        return $this->attendance;
    }

    private function readTimes(Validator $validator): void
    {
        foreach (['starts', 'ends'] as $field) {
            try {
                ClockTime::read($this->string($field)->toString());
            } catch (NotAClockTime) {
                $validator->errors()->add($field, Wording::refusal('span.'.$field));

                return;
            }
        }
        try {
            $this->attendance = Attendance::read($this->string('starts')->toString(), $this->string('ends')->toString(), $this->string('breaks')->toString());
        } catch (NotAClockTime) {
            $validator->errors()->add('breaks', Wording::refusal('span.breaks'));
        } catch (AttendanceRefused $refused) {
            $validator->errors()->add($refused->isOfBreaks ? 'breaks' : 'ends', Wording::refusal($refused->isOfBreaks ? 'span.breaks_outside' : 'span.reversed'));
        }
    }
}
