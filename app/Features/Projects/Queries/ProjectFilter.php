<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

/** Which projects are asked for, and in which order. */
final readonly class ProjectFilter
{
    public const STATES = ['open', 'closed', 'all'];

    public const CONCERNS = ['', 'over plan', 'over budget', 'estimates waiting'];

    /**
     * @param  string  $search  words of name, code, client or manager
     * @param  string  $state  one of STATES
     * @param  string  $manager  code; empty for any
     * @param  string  $concern  one of CONCERNS
     * @param  positive-int  $page
     */
    public function __construct(
        public string $search = '',
        public string $state = 'open',
        public string $manager = '',
        public string $concern = '',
        public ProjectSort $sort = ProjectSort::Attention,
        public int $page = 1,
    ) {
    }
}
