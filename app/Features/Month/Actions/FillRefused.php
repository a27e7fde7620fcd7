<?php

declare(strict_types=1);

namespace App\Features\Month\Actions;

use RuntimeException;

/** Why nothing of a month was filled, for people. */
final class FillRefused extends RuntimeException
{
}
