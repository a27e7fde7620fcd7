<?php

declare(strict_types=1);

namespace App\AuditTrail;

use App\Models\AuditTrailRow;
use App\Support\Database\StreamedRows;

/**
 * The hashes of the audit trail. Each line's is made of its own content, of the hash before it and of a key that is not in the
 * database (HMAC-SHA256 over JSON): a line that is changed, taken out or put in breaks every one after it, and nobody without
 * the key can make the hashes fit again. The head, sealed in the same way, says how many lines there are and how the last
 * one ends, so that lines cut off at the end show as well.
 */
final class AuditTrailChain
{
    private const COLUMNS = ['at', 'actor_id', 'on_behalf_of_id', 'act', 'subject', 'name', 'person_id', 'task_id', 'date', 'before', 'after', 'why'];

    /** @param  array<string, string|int|null>  $line  by column */
    public static function hash(string $before, array $line): string
    {
        $values = array_map(static fn (string $column): string|int|null => $line[$column] ?? null, self::COLUMNS);

        return self::keyed([$before, ...$values], self::key());
    }

    /** The seal of a head of so many lines. */
    public static function seal(int $lines, string $hash): string
    {
        return self::keyed(['head', $lines, $hash], self::key());
    }

    /**
     * @param  array<int, string>  $anchors  hashes stored elsewhere, by the number of lines there were
     *
     * @throws AuditTrailBroken at the first thing that is not as it was written
     */
    public static function verify(array $anchors = []): AuditTrailHead
    {
        $key = self::key();
        $hash = '';
        $lines = 0;
        foreach (StreamedRows::of(AuditTrailRow::query()->toBase()->select('id', 'hash', ...self::COLUMNS)->orderBy('id')) as $row) {
            [$id, $stored] = [(int) $row[0], (string) $row[1]];
            if (! hash_equals(self::keyed([$hash, ...array_slice($row, 2)], $key), $stored)) {
                throw AuditTrailBroken::atLine($id);
            }
            $hash = $stored;
            $lines++;
            if (isset($anchors[$lines]) && ! hash_equals($anchors[$lines], $hash)) {
                throw AuditTrailBroken::againstAnchor($lines);
            }
        }
        $last = max([0, ...array_keys($anchors)]);
        if ($last > $lines) {
            throw AuditTrailBroken::againstAnchor($last);
        }
        $head = AuditTrailHead::read();
        if (! $head->isSealed() || $head->lines !== $lines || $head->hash !== $hash) {
            throw AuditTrailBroken::atEnd($head->lines, $lines);
        }

        return $head;
    }

    /** @param  list<string|int|null>  $values */
    private static function keyed(array $values, string $key): string
    {
        return hash_hmac('sha256', json_encode($values, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), $key);
    }

    private static function key(): string
    {
        $key = config('moss.audit_key');

        return is_string($key) ? $key : '';
    }
}
