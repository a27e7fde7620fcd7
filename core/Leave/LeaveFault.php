<?php

declare(strict_types=1);

namespace Moss\Core\Leave;

/** What is wrong with days that are asked for. */
enum LeaveFault: string
{
    case TooLong = 'too_long';
    case Empty = 'empty';
}
