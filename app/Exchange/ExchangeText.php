<?php

declare(strict_types=1);

namespace App\Exchange;

/** The sentences of imports and exports, through the translation layer. */
final class ExchangeText
{
    /** @param  array<string, string|int>  $parameters */
    public static function get(string $key, array $parameters = []): string
    {
        $text = trans('exchange.'.$key, $parameters);

        return is_string($text) ? $text : $key;
    }
}
