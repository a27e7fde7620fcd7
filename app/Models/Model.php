<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model as EloquentModel;

/**
 * What all models have in common. Each names its table: working out the plural of its name costs a millisecond of every request.
 */
abstract class Model extends EloquentModel
{
    use ReadsQuickly;
}
