<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Requests;

use App\Features\HouseRules\Actions\Explanation;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Http\Input\WorkDay;
use Illuminate\Validation\Rule;
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

    public function explanation(): Explanation
    {
        return self::read($this->all());
    }

    /** @return array<string, list<mixed>> for an explanation under a key of the request */
    public static function rulesUnder(string $under): array
    {
        return [
            $under.'rule' => ['required', Rule::in(array_map(static fn (HouseRule $rule): string => $rule->code(), AllRules::list()))],
            $under.'task' => ['nullable', new RowId, Rule::exists('tasks', 'id')],
            $under.'role' => ['nullable', new RowId, Rule::exists('roles', 'id')],
            $under.'date' => ['nullable', new WorkDay],
            $under.'explanation' => ['nullable', 'string', 'max:'.self::MOST],
        ];
    }

    /** @param  array<array-key, mixed>  $explanation  once it is known to have the right shape */
    public static function read(array $explanation): Explanation
    {
        $number = static fn (string $name): ?int => is_numeric($explanation[$name] ?? null) ? (int) $explanation[$name] : null;
        $text = static fn (string $name): ?string => is_string($explanation[$name] ?? null) ? $explanation[$name] : null;

        return new Explanation($text('rule') ?? '', $number('task'), $number('role'), $text('date'), $text('explanation') ?? '');
    }
}
