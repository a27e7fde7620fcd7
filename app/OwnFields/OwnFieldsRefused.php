<?php

declare(strict_types=1);

namespace App\OwnFields;

use DomainException;

/** Own fields that do not take what was typed into them. */
final class OwnFieldsRefused extends DomainException
{
    /** @param  non-empty-array<int, non-empty-array<string, string>>  $faults  sentences by the id of what they belong to and the field's code */
    private function __construct(public readonly array $faults)
    {
        $first = $faults[array_key_first($faults)];
        parent::__construct($first[array_key_first($first)]);
    }

    /** @param  non-empty-array<int, non-empty-array<string, string>>  $faults */
    public static function with(array $faults): self
    {
        return new self($faults);
    }

    /** @return non-empty-array<string, string> sentences of the first, by the name of their input */
    public function messages(): array
    {
        $messages = [];
        foreach ($this->faults[array_key_first($this->faults)] as $code => $sentence) {
            $messages['fields.'.$code] = $sentence;
        }

        return $messages;
    }
}
