<?php

declare(strict_types=1);

namespace App\Models;

/** How a question of the office is answered. */
enum QuestionKind: string
{
    case Text = 'text';
    case Choice = 'choice';
    case YesNo = 'yes/no';
}
