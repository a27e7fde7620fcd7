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
        $wanted = trim(substr(Str::slug(strtr($name, '_', '.'), '.'), 0, self::LONGEST), '.');
        $wanted = $wanted === '' ? $otherwise : $wanted;
        $taken = $all->where('code', 'like', $wanted.'%')->pluck('code')->map(static fn (mixed $code): string => is_string($code) ? mb_strtolower($code) : '')->all();
        $code = $wanted;
        for ($number = 2; in_array($code, $taken, true); $number++) {
            $code = "$wanted-$number";
        }

        return $code;
    }
}
