<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Requests;

use App\Features\HouseRules\Actions\GivenWord;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Http\Input\WorkDay;
use Illuminate\Validation\Rule;
use Moss\Core\HouseRules\AllRules;
use Moss\Core\HouseRules\HouseRule;

/** A word on one finding. */
final class WordRequest extends BoundedRequest
{
    public const MOST = 1000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::ofWord('');
    }

    public function word(): GivenWord
    {
        return self::read($this->all());
    }

    /** @return array<string, list<mixed>> for a word under a key of the request */
    public static function ofWord(string $under): array
    {
        return [
            $under.'rule' => ['required', Rule::in(array_map(static fn (HouseRule $rule): string => $rule->code(), AllRules::list()))],
            $under.'task' => ['nullable', new RowId, Rule::exists('tasks', 'id')],
            $under.'role' => ['nullable', new RowId, Rule::exists('roles', 'id')],
            $under.'date' => ['nullable', new WorkDay],
            $under.'word' => ['nullable', 'string', 'max:'.self::MOST],
        ];
    }

    /** @param  array<array-key, mixed>  $word  once it is known to have the right shape */
    public static function read(array $word): GivenWord
    {
        $number = static fn (string $name): ?int => is_numeric($word[$name] ?? null) ? (int) $word[$name] : null;
        $text = static fn (string $name): ?string => is_string($word[$name] ?? null) ? $word[$name] : null;

        return new GivenWord($text('rule') ?? '', $number('task'), $number('role'), $text('date'), $text('word') ?? '');
    }
}
