<?php

declare(strict_types=1);

namespace App\Support\Files\Calendar;

use RuntimeException;

/** A text that is no iCalendar file. */
final class CalendarFileUnreadable extends RuntimeException
{
}
