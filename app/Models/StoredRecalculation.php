<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A large change of totals that is being worked off, and how far it has come.
 *
 * @property int $id
 * @property string $kind
 * @property array<string, mixed> $scope
 * @property int $place
 * @property int $units
 * @property int $units_done
 * @property bool $is_done
 * @property string $queued_at
 */
final class StoredRecalculation extends Model
{
    public $timestamps = false;

    protected $table = 'recalculations';

    protected $fillable = [
        'kind',
        'scope',
        'place',
        'units',
        'units_done',
        'is_done',
        'queued_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'scope' => 'array',
            'is_done' => 'boolean',
        ];
    }
}
