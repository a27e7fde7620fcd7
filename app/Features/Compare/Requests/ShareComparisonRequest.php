<?php

declare(strict_types=1);

namespace App\Features\Compare\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\Person;
use App\Models\Sharing;
use App\Models\Team;
use Illuminate\Validation\Rule;

final class ShareComparisonRequest extends BoundedRequest
{
    private const MOST = 100;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'sharing' => ['required', Rule::enum(Sharing::class)],
            'readers' => ['nullable', 'list', 'max:'.self::MOST],
            'readers.*' => ['required', 'string', 'regex:/^(person|team):./'],
        ];
    }

    public function sharing(): Sharing
    {
        return $this->enum('sharing', Sharing::class) ?? Sharing::Nobody;
    }

    /** @return list<Person> */
    public function people(): array
    {
        return array_values(Person::query()->whereIn('code', $this->codes('person:'))->get()->all());
    }

    /** @return list<Team> */
    public function teams(): array
    {
        return array_values(Team::query()->whereIn('code', $this->codes('team:'))->get()->all());
    }

    /** @return list<string> */
    private function codes(string $before): array
    {
        $codes = [];
        foreach ($this->array('readers') as $reader) {
            if (is_string($reader) && str_starts_with($reader, $before)) {
                $codes[] = substr($reader, strlen($before));
            }
        }

        return $codes;
    }
}
