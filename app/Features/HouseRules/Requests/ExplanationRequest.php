<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Requests;

use App\Features\HouseRules\Actions\Explanation;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Http\Input\WorkDay;
use App\Http\Input\WorkWeek;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\HouseRules\AllRules;
use Moss\Core\HouseRules\HouseRule;

/** An explanation on one finding. */
final class ExplanationRequest extends BoundedRequest
{
    public const MOST = 1000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::rulesUnder('');
    }

    public function explanation(Week $week): Explanation
    {
        return self::read($this->all(), $week);
    }

    /** @return array<string, list<mixed>> for an explanation under a key of the request */
    public static function rulesUnder(string $under): array
    {
        return [
            $under.'rule' => ['required', Rule::in(array_map(static fn (HouseRule $rule): string => $rule->code(), AllRules::list()))],
            $under.'week' => ['nullable', 'string', static function (string $attribute, mixed $value, Closure $fail): void {
                if (WorkWeek::read(is_string($value) ? $value : '') === null) {
                    $fail(Wording::refusal('no_week', ['week' => is_string($value) ? mb_strimwidth($value, 0, 20, '…') : '']));
                }
            }],
            $under.'task' => ['nullable', new RowId, Rule::exists('tasks', 'id')],
            $under.'role' => ['nullable', new RowId, Rule::exists('roles', 'id')],
            $under.'date' => ['nullable', new WorkDay],
            $under.'explanation' => ['nullable', 'string', 'max:'.self::MOST],
        ];
    }

    /**
     * @param  array<array-key, mixed>  $explanation  once it is known to have the right shape
     * @param  Week  $week  where it names neither a week nor a day
     */
    public static function read(array $explanation, Week $week): Explanation
    {
        $number = static fn (string $name): ?int => is_numeric($explanation[$name] ?? null) ? (int) $explanation[$name] : null;
        $text = static fn (string $name): ?string => is_string($explanation[$name] ?? null) ? $explanation[$name] : null;

        $date = $text('date');

        return new Explanation(WorkWeek::read($text('week') ?? '') ?? ($date === null ? $week : Week::containing(Day::of($date))), $text('rule') ?? '', $number('task'), $number('role'), $date, $text('explanation') ?? '');
    }
}
