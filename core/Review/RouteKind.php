<?php

declare(strict_types=1);

namespace Moss\Core\Review;

/**
 * Who has to approve time on a project, as the organisation or the project says.
 */
enum RouteKind: string
{
    case None = 'none';
    case Project = 'project';
    case Line = 'line';
    case ProjectThenLine = 'project+line';
}
