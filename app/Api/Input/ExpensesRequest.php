<?php

declare(strict_types=1);

namespace App\Api\Input;

/** Which expenses are asked for: those of the days. */
final class ExpensesRequest extends PageRequest
{
}
