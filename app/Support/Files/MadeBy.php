<?php

declare(strict_types=1);

namespace App\Support\Files;

use App\Models\Person;
use App\Support\Language\LocalFormat;
use App\Support\Language\Wording;
use DateTimeImmutable;
use DateTimeZone;

/** Who made a file and when, as it was for them: what stands below the title of every file that people read. */
final class MadeBy
{
    public static function of(Person $by, DateTimeImmutable $at): string
    {
        return Wording::of('printed.made', ['name' => $by->name, 'at' => LocalFormat::moment($at->setTimezone(new DateTimeZone($by->timezone ?? 'UTC')))]);
    }
}
