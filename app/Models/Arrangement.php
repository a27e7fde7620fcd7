<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\Castable;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/** In which order a person keeps projects and lines, and which projects are collapsed. */
final readonly class Arrangement implements Castable
{
    /**
     * @param  list<string>  $projects  codes, the first on top
     * @param  list<string>  $lines  keys, the first on top of its project
     * @param  list<string>  $collapsed  codes of projects
     */
    public function __construct(public array $projects = [], public array $lines = [], public array $collapsed = [])
    {
    }

    /**
     * @param  array<string, mixed>  $arguments
     * @return CastsAttributes<self, self>
     */
    public static function castUsing(array $arguments): CastsAttributes
    {
        return new class implements CastsAttributes
        {
            public function get(Model $model, string $key, mixed $value, array $attributes): Arrangement
            {
                $stored = is_string($value) ? json_decode($value, true) : [];
                $list = static fn (string $name): array => array_values(array_filter(
                    is_array($stored) && is_array($stored[$name] ?? null) ? $stored[$name] : [],
                    is_string(...),
                ));

                return new Arrangement($list('projects'), $list('lines'), $list('collapsed'));
            }

            public function set(Model $model, string $key, mixed $value, array $attributes): string
            {
                return json_encode($value, JSON_THROW_ON_ERROR);
            }
        };
    }
}
