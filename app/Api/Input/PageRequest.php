<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use Moss\Core\Calendar\Day;

/** Which part of a list is asked for, and, where it has days, of which. */
abstract class PageRequest extends BoundedRequest implements DescribesBody
{
    private const USUAL = 100;

    private const MOST = 500;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['from' => ['nullable', new WorkDay], 'to' => ['nullable', new WorkDay]] + self::partRules();
    }

    /** @return array<string, mixed> */
    protected static function partRules(): array
    {
        return ['cursor' => ['nullable', 'string', 'max:500'], 'limit' => ['nullable', 'integer', 'between:1,'.self::MOST]];
    }

    public static function fields(): array
    {
        return [
            'from' => ['type' => 'string', 'format' => 'date', 'description' => 'The first day.'],
            'to' => ['type' => 'string', 'format' => 'date', 'description' => 'The last day.'],
        ] + self::partFields();
    }

    /** @return array<string, array<string, mixed>> */
    protected static function partFields(): array
    {
        return [
            'cursor' => ['type' => 'string', 'description' => 'The `next` of the part before.'],
            'limit' => ['type' => 'integer', 'minimum' => 1, 'maximum' => self::MOST, 'default' => self::USUAL, 'description' => 'How many at most.'],
        ];
    }

    public static function required(): array
    {
        return [];
    }

    public function from(): ?Day
    {
        return $this->filled('from') ? Day::of($this->string('from')->toString()) : null;
    }

    public function to(): ?Day
    {
        return $this->filled('to') ? Day::of($this->string('to')->toString()) : null;
    }

    public function limit(): int
    {
        return $this->filled('limit') ? $this->integer('limit') : self::USUAL;
    }

    public function text(string $name): ?string
    {
        return $this->filled($name) ? $this->string($name)->toString() : null;
    }
}
