<?php

declare(strict_types=1);

namespace App\AuditTrail;

use App\Models\AuditTrailSeal;
use App\Models\Person;
use App\Support\Database\Record;

/** How far the audit trail goes: its number of lines and the hash of the last, under a seal. */
final readonly class AuditTrailHead
{
    private function __construct(public int $lines, public string $hash, private string $seal)
    {
    }

    public static function read(): self
    {
        $row = Record::all(AuditTrailSeal::query()->toBase()->select('lines', 'hash', 'seal'))[0] ?? null;

        return $row === null ? new self(0, '', '') : new self($row->int('lines'), $row->string('hash'), $row->string('seal'));
    }

    /** Whether whoever wrote it had the key; before the first line there is nothing to seal. */
    public function isSealed(): bool
    {
        return $this->seal === '' ? $this->lines === 0 && Person::query()->doesntExist() : hash_equals(AuditTrailChain::seal($this->lines, $this->hash), $this->seal);
    }

    public static function write(int $lines, string $hash): void
    {
        AuditTrailSeal::query()->upsert([['id' => 1, 'lines' => $lines, 'hash' => $hash, 'seal' => AuditTrailChain::seal($lines, $hash)]], ['id']);
    }
}
