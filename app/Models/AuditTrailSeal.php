<?php

declare(strict_types=1);

namespace App\Models;

/**
 * How far the audit trail goes, under a seal; there is exactly one row.
 *
 * @property int $id
 * @property int $lines
 * @property string $hash
 * @property string $seal
 */
final class AuditTrailSeal extends Model
{
    public $timestamps = false;

    protected $table = 'audit_trail_heads';

    protected $fillable = ['lines', 'hash', 'seal'];
}
