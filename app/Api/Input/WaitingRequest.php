<?php

declare(strict_types=1);

namespace App\Api\Input;

/** Which part of what waits for a decision is asked for. */
final class WaitingRequest extends PageRequest
{
}
