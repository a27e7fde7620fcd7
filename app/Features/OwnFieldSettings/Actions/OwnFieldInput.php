<?php

declare(strict_types=1);

namespace App\Features\OwnFieldSettings\Actions;

use Moss\Core\Calendar\Day;
use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\FieldSubject;

/** What the office says of a field. */
final readonly class OwnFieldInput
{
    /**
     * @param  string  $code  empty for one made of the name
     * @param  array<string, string>  $choices  names by code, in their order
     */
    public function __construct(
        public string $code,
        public string $name,
        public FieldSubject $subject,
        public FieldKind $kind,
        public bool $isRequired,
        public ?Day $startsOn,
        public ?int $team,
        public ?int $client,
        public array $choices,
        public bool $isRetired,
    ) {
    }
}
