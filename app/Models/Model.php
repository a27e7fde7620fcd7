<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model as EloquentModel;

/** What all models have in common. */
abstract class Model extends EloquentModel
{
    use BootsByName;
}
