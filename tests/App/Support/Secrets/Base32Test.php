<?php

declare(strict_types=1);

namespace Tests\App\Support\Secrets;

use App\Support\Secrets\Base32;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class Base32Test extends TestCase
{
    /** RFC 4648, section 10, without the padding. */
    #[TestWith(['f', 'MY'])]
    #[TestWith(['fo', 'MZXQ'])]
    #[TestWith(['foo', 'MZXW6'])]
    #[TestWith(['foob', 'MZXW6YQ'])]
    #[TestWith(['fooba', 'MZXW6YTB'])]
    #[TestWith(['foobar', 'MZXW6YTBOI'])]
    public function test_bytes_are_written_as_the_standard_says(string $bytes, string $text): void
    {
        self::assertSame($text, Base32::encode($bytes));
        self::assertSame($bytes, Base32::decode($text));
    }

    public function test_what_was_written_is_read_back_also_in_groups_and_small_letters(): void
    {
        foreach (range(1, 40) as $length) {
            $bytes = random_bytes($length);
            self::assertSame($bytes, Base32::decode(strtolower(implode(' ', str_split(Base32::encode($bytes), 4)))));
        }
    }
}
