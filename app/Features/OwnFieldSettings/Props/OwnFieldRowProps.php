<?php

declare(strict_types=1);

namespace App\Features\OwnFieldSettings\Props;

use App\Lookup\Props\OptionProps;
use Moss\Core\OwnFields\FieldKind;
use Moss\Core\OwnFields\FieldSubject;

/** An own field as the office keeps it. */
final readonly class OwnFieldRowProps
{
    /**
     * @param  string|null  $startsOn  the first day on which it is asked; null for always
     * @param  OptionProps|null  $team  of whose people it is asked; null for everybody
     * @param  OptionProps|null  $client  on whose projects it is asked; null for all
     * @param  list<OptionProps>  $choices  that it offers
     * @param  bool  $isUsed  whether it holds something anywhere
     */
    public function __construct(
        public string $code,
        public string $name,
        public FieldSubject $subject,
        public FieldKind $kind,
        public bool $isRequired,
        public ?string $startsOn,
        public ?OptionProps $team,
        public ?OptionProps $client,
        public array $choices,
        public bool $isRetired,
        public bool $isUsed,
    ) {
    }
}
