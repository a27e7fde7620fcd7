<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

/** What a measure is counted in. */
enum MeasureUnit: string
{
    case Hours = 'hours';
    case Money = 'money';
    case Percent = 'percent';
}
