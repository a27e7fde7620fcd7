<?php

declare(strict_types=1);

namespace App\Features\Intake\Props;

use App\Lookup\Props\OptionProps;
use App\Models\WorkRequestState;

/** One request for work with all that is said about it. */
final readonly class WorkRequestProps
{
    /**
     * @param  int|null  $about  minutes
     * @param  list<WorkRequestFileProps>  $files
     * @param  list<WorkRequestCommentProps>  $comments
     * @param  string|null  $decidedBy  name
     * @param  OptionProps|null  $project  what it became, where the reader may see that
     */
    public function __construct(
        public int $id,
        public string $title,
        public string $description,
        public ?OptionProps $client,
        public string $requester,
        public string $contactEmail,
        public string $requestedAt,
        public ?string $wantedBy,
        public ?int $about,
        public WorkRequestState $state,
        public ?string $decidedBy,
        public string $comment,
        public ?OptionProps $project,
        public array $files,
        public array $comments,
        public bool $decides,
    ) {
    }
}
