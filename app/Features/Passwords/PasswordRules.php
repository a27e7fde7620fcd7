<?php

declare(strict_types=1);

namespace App\Features\Passwords;

use App\Models\Organisation;
use App\Models\Person;
use App\Support\Language\Wording;

/** What a password has to be: 12 to 128 characters, not a common one, and not the person's own name or address. */
final readonly class PasswordRules
{
    public const SHORTEST = 12;

    public const LONGEST = 128;

    /** Shorter words stand in too many others. */
    private const SHORTEST_WORD = 4;

    public function __construct(private CommonPasswords $common)
    {
    }

    /** What is wrong with a password, in a sentence that says what to do; null where nothing is. */
    public function fault(string $password, Person $person): ?string
    {
        $length = mb_strlen($password);
        if ($length < self::SHORTEST || $length > self::LONGEST) {
            return Wording::of($length < self::SHORTEST ? 'passwords.short' : 'passwords.long', ['shortest' => self::SHORTEST, 'longest' => self::LONGEST, 'length' => $length]);
        }
        $own = self::ownWord($password, $person);

        return match (true) {
            $own !== null => Wording::of('passwords.own', ['word' => $own]),
            $this->common->includes($password) => Wording::of('passwords.common'),
            default => null,
        };
    }

    /** A word of the person's name or address, or of the organisation's name, that stands in the password. */
    private static function ownWord(string $password, Person $person): ?string
    {
        $lower = mb_strtolower($password);
        $organisation = Organisation::query()->sole()->name;
        foreach (preg_split('/[^\pL\pN]+/u', mb_strtolower(implode(' ', [$person->name, strstr($person->email, '@', true), $person->code, $organisation, 'moss week']))) ?: [] as $word) {
            if (mb_strlen($word) >= self::SHORTEST_WORD && str_contains($lower, $word)) {
                return $word;
            }
        }

        return null;
    }
}
