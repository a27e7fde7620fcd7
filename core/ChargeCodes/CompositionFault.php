<?php

declare(strict_types=1);

namespace Moss\Core\ChargeCodes;

/**
 * Why a charge code could not be composed, or parts not be defined.
 */
enum CompositionFault: string
{
    case Parts = 'parts';
    case Combination = 'combination';
    case Code = 'code';
    case Together = 'together';
}
