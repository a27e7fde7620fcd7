<?php

declare(strict_types=1);

namespace Moss\Core\Search;

/** Words of a text as a search compares them: upper case and accents make no difference. */
final readonly class Words
{
    private const ACCENTS = [
        'à' => 'a', 'á' => 'a', 'â' => 'a', 'ã' => 'a', 'ä' => 'a', 'å' => 'a', 'ą' => 'a', 'ç' => 'c', 'ć' => 'c', 'č' => 'c', 'è' => 'e', 'é' => 'e', 'ê' => 'e',
        'ë' => 'e', 'ę' => 'e', 'ì' => 'i', 'í' => 'i', 'î' => 'i', 'ï' => 'i', 'ł' => 'l', 'ñ' => 'n', 'ń' => 'n', 'ò' => 'o', 'ó' => 'o', 'ô' => 'o', 'õ' => 'o',
        'ö' => 'o', 'ø' => 'o', 'ő' => 'o', 'ß' => 'ss', 'ś' => 's', 'š' => 's', 'ù' => 'u', 'ú' => 'u', 'û' => 'u', 'ü' => 'u', 'ű' => 'u', 'ý' => 'y', 'ÿ' => 'y',
        'ź' => 'z', 'ż' => 'z', 'ž' => 'z', 'æ' => 'ae', 'œ' => 'oe', '’' => "'",
    ];

    /** @return list<string> */
    public static function of(string $text): array
    {
        return preg_split("/[^\\p{L}\\p{N}']+/u", self::plain($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    public static function plain(string $text): string
    {
        return strtr(mb_strtolower($text, 'UTF-8'), self::ACCENTS);
    }
}
