<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Files;

use App\Support\Language\Wording;
use RuntimeException;

/** Why a file is no schedule; the message is a sentence for people. */
final class ScheduleUnreadable extends RuntimeException
{
    public static function because(string $key): self
    {
        return new self(Wording::of('schedule.'.$key, ['most' => ScheduleRows::MOST]));
    }
}
