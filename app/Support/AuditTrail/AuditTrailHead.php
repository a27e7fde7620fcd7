<?php

declare(strict_types=1);

namespace App\Support\AuditTrail;

use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/** How far the audit trail goes: its number of lines and the hash of the last, under a seal. */
final readonly class AuditTrailHead
{
    private function __construct(public int $lines, public string $hash, private string $seal)
    {
    }

    public static function read(): self
    {
        $row = Record::all(DB::table('audit_trail_heads')->select('lines', 'hash', 'seal'))[0] ?? null;

        return $row === null ? new self(0, '', '') : new self($row->int('lines'), $row->string('hash'), $row->string('seal'));
    }

    /** Whether whoever wrote it had the key; before the first line there is nothing to seal. */
    public function isSealed(): bool
    {
        return $this->seal === '' ? $this->lines === 0 && DB::table('people')->doesntExist() : hash_equals(AuditTrailChain::seal($this->lines, $this->hash), $this->seal);
    }

    public static function write(int $lines, string $hash): void
    {
        DB::table('audit_trail_heads')->upsert([['id' => 1, 'lines' => $lines, 'hash' => $hash, 'seal' => AuditTrailChain::seal($lines, $hash)]], ['id']);
    }
}
