<?php

declare(strict_types=1);

namespace App\Api\Resources;

use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\FieldSubject;

/** A field that the office added. */
final readonly class OwnField
{
    /**
     * @param  string|null  $startsOn  the first day on which it is asked; null for always
     * @param  string|null  $team  code of the team of whose people it is asked; null for everybody
     * @param  string|null  $client  code of the client on whose projects it is asked; null for all
     * @param  list<CodeAndName>  $choices  that it offers
     */
    public function __construct(
        public string $code,
        public string $name,
        public FieldSubject $belongsTo,
        public FieldKind $holds,
        public bool $isRequired,
        public ?string $startsOn,
        public ?string $team,
        public ?string $client,
        public array $choices,
    ) {
    }
}
