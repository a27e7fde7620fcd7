<?php

declare(strict_types=1);

namespace App\Models;

/** What all models leave out of what Eloquent could do for each of them, and none of them needs. */
trait ReadsQuickly
{
    use BootsByName;
    use HasNoMutators;
    use HearsFewEvents;
    use MergesCastsOnce;
}
