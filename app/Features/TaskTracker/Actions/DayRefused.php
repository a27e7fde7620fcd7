<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Actions;

use RuntimeException;

/** Why entries of a day stay as they are, although a task tracker has it otherwise; the message is a sentence for people. */
final class DayRefused extends RuntimeException
{
}
