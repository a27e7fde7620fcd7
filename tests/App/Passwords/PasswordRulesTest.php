<?php

declare(strict_types=1);

namespace Tests\App\Passwords;

use App\Features\Passwords\CommonPasswords;
use App\Features\Passwords\PasswordRules;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class PasswordRulesTest extends TestCase
{
    #[TestWith(['short words', 'Choose a password of at least 12 characters; this one has 11.'])]
    #[TestWith(['', 'Choose a password of at least 12 characters; this one has 0.'])]
    #[TestWith(['ööööööööööö', 'Choose a password of at least 12 characters; this one has 11.'])]
    #[TestWith(['MyNameIsMoor-2026', 'Choose a password without “moor”, which is part of your name, your email address or the organisation’s name.'])]
    #[TestWith(['the lighthouse keeper', 'Choose a password without “lighthouse”, which is part of your name, your email address or the organisation’s name.'])]
    #[TestWith(['1q2w3e4r5t6y', 'Choose another password: this one is among the first that somebody would try.'])]
    #[TestWith(['abcabcabcabcabc', 'Choose another password: this one is among the first that somebody would try.'])]
    #[TestWith(['123456123456', 'Choose another password: this one is among the first that somebody would try.'])]
    #[TestWith(['Password12345', 'Choose another password: this one is among the first that somebody would try.'])]
    public function test_what_is_wrong_is_said(string $password, string $fault): void
    {
        $this->import(Lighthouse::files());

        self::assertSame($fault, $this->rules()->fault($password, $this->person('ada')));
    }

    public function test_from_12_to_128_characters_of_any_kind_are_good(): void
    {
        $this->import(Lighthouse::files());
        foreach (['seven herons', 'öööö ßßßß 鷺鷺', str_repeat('heron ', 21).'12', '((((((((((((,', '482910573629', 'ada is not a word here'] as $password) {
            self::assertNull($this->rules()->fault($password, $this->person('ada')), $password);
        }
        self::assertSame('Choose a password of at most 128 characters; this one has 129.', $this->rules()->fault(str_repeat('heron ', 21).'123', $this->person('ada')));
    }

    public function test_the_list_of_common_passwords_holds_thousands_that_are_long_enough(): void
    {
        $listed = array_filter(file(resource_path('passwords/common.txt'), FILE_IGNORE_NEW_LINES) ?: [], static fn (string $line): bool => ! str_starts_with($line, '#'));

        self::assertGreaterThan(1000, count($listed));
        self::assertSame([], array_filter($listed, static fn (string $password): bool => ! (new CommonPasswords)->includes(mb_strtoupper($password))));
    }

    private function rules(): PasswordRules
    {
        return $this->app->make(PasswordRules::class);
    }
}
