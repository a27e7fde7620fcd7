<?php

declare(strict_types=1);

namespace App\Features\Office\Props;

/** What the time office sets; each has its page. */
enum SettingName: string
{
    case Periods = 'periods';
    case Rules = 'rules';
    case Questions = 'questions';
    case Routes = 'routes';
    case Remaining = 'remaining';
    case Rates = 'rates';
}
