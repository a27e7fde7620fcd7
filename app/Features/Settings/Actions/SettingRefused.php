<?php

declare(strict_types=1);

namespace App\Features\Settings\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Why a setting stays as it is. */
final class SettingRefused extends RuntimeException
{
    public static function because(string $key): self
    {
        return new self(Wording::of('personal.settings.'.$key));
    }
}
