<?php

declare(strict_types=1);

namespace App\Lookup;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/** A code that nothing of its kind has yet, made of a name. */
final class FreeCode
{
    private const LONGEST = 24;

    /**
     * @param  Builder<covariant Model>  $all  of its kind, with a column `code`
     * @param  string  $name  letters and digits count, a dot between words
     */
    public static function of(Builder $all, string $name, string $otherwise): string
    {
        $taken = $all->where('code', 'like', self::wanted($name, $otherwise).'%')->pluck('code')->map(static fn (mixed $code): string => is_string($code) ? mb_strtolower($code) : '')->all();

        return self::among(array_fill_keys($taken, true), $name, $otherwise);
    }

    /** @param  array<string, true>  $taken  in small letters */
    public static function among(array $taken, string $name, string $otherwise): string
    {
        $wanted = self::wanted($name, $otherwise);
        $code = $wanted;
        for ($number = 2; isset($taken[$code]); $number++) {
            $code = "$wanted-$number";
        }

        return $code;
    }

    private static function wanted(string $name, string $otherwise): string
    {
        $wanted = trim(substr(Str::slug(strtr($name, '_', '.'), '.'), 0, self::LONGEST), '.');

        return $wanted === '' ? $otherwise : $wanted;
    }
}
