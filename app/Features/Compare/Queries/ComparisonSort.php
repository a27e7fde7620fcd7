<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

/** In which order groups stand, where it is not that of a measure. */
enum ComparisonSort: string
{
    /** Those that are not on track first, by how many hours they differ; periods in their order. */
    case Attention = 'attention';
    case Name = 'name';
}
