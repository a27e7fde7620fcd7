<?php

declare(strict_types=1);

namespace App\OwnFields;

use Moss\Core\Calendar\Day;

/** What was typed into the own fields of one task, project or person, and what says which of them are asked. */
final readonly class TypedFields
{
    /**
     * @param  array<string, string>  $texts  by the field's code; what is not named stays as it is
     * @param  Day|null  $day  on which it is asked; null where that does not matter
     */
    public function __construct(public array $texts, public ?Day $day = null, public ?string $team = null, public ?string $client = null)
    {
    }

    /** @return array<string, list<mixed>> what a request checks of them, before a field reads them */
    public static function rules(string $name): array
    {
        return [$name => ['nullable', 'array', 'max:60'], $name.'.*' => ['nullable', 'string', 'max:1000']];
    }

    /**
     * Texts of a request; an empty one is null by the time it is here.
     *
     * @param  array<array-key, mixed>  $fields
     * @return array<string, string>
     */
    public static function texts(array $fields): array
    {
        $texts = [];
        foreach ($fields as $code => $text) {
            $texts[(string) $code] = is_string($text) ? $text : '';
        }

        return $texts;
    }
}
