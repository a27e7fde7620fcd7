<?php

declare(strict_types=1);

namespace Moss\Core\ChargeCodes;

/**
 * How a client's charge codes are composed of parts.
 *
 * Example: of the parts `WP1`, `WP2` and `LAB`, `TRV` with `/` between them come `WP1/LAB` and so on.
 */
final readonly class Composition
{
    public const MOST_PARTS = 8;

    public const MOST_CODES = 1000;

    public const SEPARATORS = ['-', '/', '.', '_'];

    private const CODE = '/^[A-Za-z0-9]{1,16}$/D';

    /**
     * @param  non-empty-string  $separator
     * @param  list<CodedPart>  $parts
     * @param  list<Combination>  $combinations  that are allowed; all where none is named
     */
    private function __construct(public string $separator, public array $parts, public array $combinations)
    {
    }

    /**
     * @param  list<CodedPart>  $parts
     * @param  list<string>  $combinations  as `Combination` reads them
     *
     * @throws CompositionRefused if there is no part or too many, a part has no code, too many or one twice, or a code or combination cannot be read
     */
    public static function of(string $separator, array $parts, array $combinations = []): self
    {
        if (! in_array($separator, self::SEPARATORS, true) || $parts === [] || count($parts) > self::MOST_PARTS) {
            throw CompositionRefused::parts($separator);
        }
        foreach ($parts as $part) {
            $codes = array_map(static fn (PartCode $one): string => $one->code, $part->codes);
            if ($codes === [] || count($codes) > self::MOST_CODES || count(array_unique($codes)) < count($codes)) {
                throw CompositionRefused::parts($part->name);
            }
            foreach ($codes as $code) {
                if (preg_match(self::CODE, $code) !== 1) {
                    throw CompositionRefused::parts($code);
                }
            }
        }

        return new self($separator, $parts, array_map(static fn (string $text): Combination => Combination::of($text, ...$parts), $combinations));
    }

    /**
     * The whole charge code.
     *
     * @param  list<string>  $codes  one for each part
     *
     * @throws CompositionRefused if a part does not offer its code, or they do not go together
     */
    public function compose(array $codes): string
    {
        foreach ($this->parts as $index => $part) {
            if (! $part->offers($codes[$index] ?? '')) {
                throw CompositionRefused::code($codes[$index] ?? '');
            }
        }
        $whole = implode($this->separator, $codes);
        if (count($codes) > count($this->parts)) {
            throw CompositionRefused::code($whole);
        }
        if (! $this->allows($codes)) {
            throw CompositionRefused::together($whole);
        }

        return $whole;
    }

    /**
     * The same charge code, if it can be composed.
     *
     * @throws CompositionRefused
     */
    public function check(string $chargeCode): string
    {
        return $this->compose(explode($this->separator, trim($chargeCode)));
    }

    /** @return list<string>|null the code of each part; null for a charge code that has other parts */
    public function partsOf(string $chargeCode): ?array
    {
        $codes = explode($this->separator, $chargeCode);

        return count($codes) === count($this->parts) ? $codes : null;
    }

    /** @param  list<string>  $codes */
    private function allows(array $codes): bool
    {
        foreach ($this->combinations as $combination) {
            if ($combination->covers($codes)) {
                return true;
            }
        }

        return $this->combinations === [];
    }
}
