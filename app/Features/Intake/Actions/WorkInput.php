<?php

declare(strict_types=1);

namespace App\Features\Intake\Actions;

use App\Models\Client;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** What somebody wants to have done. */
final readonly class WorkInput
{
    /**
     * @param  Minutes|null  $about  roughly how much
     * @param  list<string>  $uploads  ids of files
     */
    public function __construct(
        public string $title,
        public string $description,
        public ?Client $client,
        public ?Day $wantedBy,
        public ?Minutes $about,
        public array $uploads,
    ) {
    }
}
