<?php

declare(strict_types=1);

namespace App\Features\Timesheets\Props;

/** Whose sheets the reader records in, and who records in theirs. */
final readonly class TimesheetsProps
{
    /**
     * @param  string  $search  what the owners' names were searched for
     * @param  list<SheetOwnerProps>  $owners  by name
     * @param  int  $more  owners beyond those shown
     * @param  list<RecorderProps>  $recorders  by name
     */
    public function __construct(public string $week, public string $search, public array $owners, public int $more, public array $recorders)
    {
    }
}
