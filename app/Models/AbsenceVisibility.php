<?php

declare(strict_types=1);

namespace App\Models;

/** Who may know why somebody is away; that they are away, everybody may know. */
enum AbsenceVisibility: string
{
    case Everybody = 'everybody';
    /** The person, whoever decides on their leave, and the time office. */
    case Managers = 'managers';
}
