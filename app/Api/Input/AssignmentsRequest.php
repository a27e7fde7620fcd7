<?php

declare(strict_types=1);

namespace App\Api\Input;

/** Which assignments are asked for: those that lie on any of the days. */
final class AssignmentsRequest extends PageRequest
{
}
