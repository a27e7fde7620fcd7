<?php

declare(strict_types=1);

namespace App\Models;

/**
 * How files for another program are made up.
 *
 * @property int $id
 * @property BillingKind $kind
 * @property string $name
 * @property BillingDetail $detail  what each row is
 * @property array<string, string> $columns  headings by the names of columns, in their order
 */
final class BillingMapping extends Model
{
    protected $table = 'billing_mappings';

    public $timestamps = false;

    protected $fillable = ['kind', 'name', 'detail', 'columns'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => BillingKind::class, 'detail' => BillingDetail::class, 'columns' => 'array'];
    }
}
