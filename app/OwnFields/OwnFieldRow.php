<?php

declare(strict_types=1);

namespace App\OwnFields;

use Moss\Core\Calendar\Day;
use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\FieldSubject;

/** An own field with one of its choices, if it has any. */
final readonly class OwnFieldRow
{
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public FieldSubject $subject,
        public FieldKind $kind,
        public bool $isRequired,
        public ?Day $startsOn,
        public ?string $team,
        public ?string $client,
        public ?string $choice,
        public ?string $choiceName,
        public ?bool $choiceIsRetired,
    ) {
    }
}
