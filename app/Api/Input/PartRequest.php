<?php

declare(strict_types=1);

namespace App\Api\Input;

/** Which part of a list is asked for. */
final class PartRequest extends PageRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return self::partRules();
    }

    public static function fields(): array
    {
        return self::partFields();
    }
}
