<?php

declare(strict_types=1);

namespace Moss\Core\ChargeCodes;

/**
 * Codes of parts that go together, one for each part; `*` goes with any.
 */
final readonly class Combination
{
    public const ANY = '*';

    /** @param  list<string>  $codes  one for each part */
    private function __construct(public array $codes)
    {
    }

    /**
     * As in `WP1 * LAB`.
     *
     * @throws CompositionRefused if it has other parts than there are, or a code that its part has not
     */
    public static function of(string $text, CodedPart ...$parts): self
    {
        $codes = preg_split('/\s+/', trim($text));
        if ($codes === false || count($codes) !== count($parts)) {
            throw CompositionRefused::combination($text);
        }
        foreach (array_values($parts) as $index => $part) {
            if ($codes[$index] !== self::ANY && ! in_array($codes[$index], array_map(static fn (PartCode $one): string => $one->code, $part->codes), true)) {
                throw CompositionRefused::combination($text);
            }
        }

        return new self($codes);
    }

    /** @param  list<string>  $codes  one for each part */
    public function covers(array $codes): bool
    {
        foreach ($this->codes as $index => $code) {
            if ($code !== self::ANY && $code !== ($codes[$index] ?? null)) {
                return false;
            }
        }

        return true;
    }

    public function toString(): string
    {
        return implode(' ', $this->codes);
    }
}
