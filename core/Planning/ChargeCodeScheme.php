<?php

declare(strict_types=1);

namespace Moss\Core\Planning;

/**
 * How charge codes of a client are made up: `#` is a digit, `@` a capital letter, `{project}` and `{task}` their codes, all else itself.
 *
 * Example: with `HB-{project}-##`, `HB-LENS-07` is a charge code of project LENS.
 */
final readonly class ChargeCodeScheme
{
    /** The longest text of a scheme, in characters. */
    public const LONGEST = 64;

    private function __construct(private string $text)
    {
    }

    /** @throws ChargeCodeSchemeRefused if it is empty, too long, or has other characters than letters, digits, `. _ - / # @` and the two codes */
    public static function of(string $text): self
    {
        if (mb_strlen($text) > self::LONGEST || preg_match('~^(?:[A-Za-z0-9._/#@-]|\{project\}|\{task\})+$~D', $text) !== 1) {
            throw ChargeCodeSchemeRefused::text($text);
        }

        return new self($text);
    }

    public function matches(string $chargeCode, string $project, string $task): bool
    {
        $pattern = strtr(preg_quote($this->text, '~'), [
            '\#' => '\d', '@' => '[A-Z]', '\{project\}' => preg_quote($project, '~'), '\{task\}' => preg_quote($task, '~'),
        ]);

        return preg_match('~^'.$pattern.'$~D', $chargeCode) === 1;
    }

    /** The charge code of a task where the scheme leaves nothing open; null otherwise. */
    public function suggested(string $project, string $task): ?string
    {
        return strpbrk($this->text, '#@') === false ? strtr($this->text, ['{project}' => $project, '{task}' => $task]) : null;
    }

    public function toString(): string
    {
        return $this->text;
    }
}
