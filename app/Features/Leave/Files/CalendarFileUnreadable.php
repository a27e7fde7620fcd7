<?php

declare(strict_types=1);

namespace App\Features\Leave\Files;

use RuntimeException;

/** A text that is no iCalendar file. */
final class CalendarFileUnreadable extends RuntimeException
{
}
