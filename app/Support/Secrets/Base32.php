<?php

declare(strict_types=1);

namespace App\Support\Secrets;

/** Bytes as letters and digits, five bits to a character, as RFC 4648 says; without the padding. */
final class Base32
{
    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    public static function encode(string $bytes): string
    {
        $text = '';
        $bits = 0;
        $value = 0;
        foreach (str_split($bytes) as $byte) {
            $value = ($value << 8) | ord($byte);
            for ($bits += 8; $bits >= 5; $bits -= 5) {
                $text .= self::ALPHABET[($value >> ($bits - 5)) & 31];
            }
            $value &= (1 << $bits) - 1;
        }

        return $bits === 0 ? $text : $text.self::ALPHABET[($value << (5 - $bits)) & 31];
    }

    /** Characters outside of the alphabet are passed over. */
    public static function decode(string $text): string
    {
        $bytes = '';
        $bits = 0;
        $value = 0;
        foreach (str_split(strtoupper($text)) as $character) {
            $place = strpos(self::ALPHABET, $character);
            if ($place === false) {
                continue;
            }
            $value = ($value << 5) | $place;
            $bits += 5;
            if ($bits >= 8) {
                $bits -= 8;
                $bytes .= chr(($value >> $bits) & 255);
                $value &= (1 << $bits) - 1;
            }
        }

        return $bytes;
    }
}
