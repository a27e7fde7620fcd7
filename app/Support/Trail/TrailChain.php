<?php

declare(strict_types=1);

namespace App\Support\Trail;

use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * The hashes of the trail: each line's is made of its own words and of the hash before it (SHA-256 over JSON), so that
 * a line that is changed, taken out or put in breaks every one after it.
 */
final class TrailChain
{
    private const COLUMNS = ['at', 'actor_id', 'on_behalf_of_id', 'act', 'subject', 'name', 'person_id', 'task_id', 'date', 'before', 'after', 'why'];

    /** The hash that the next line links to; empty before the first. */
    public static function head(): string
    {
        $last = Record::all(DB::table('trail')->select('hash')->orderByDesc('id')->limit(1));

        return $last === [] ? '' : $last[0]->string('hash');
    }

    /** @param  array<string, string|int|null>  $line  by column */
    public static function hash(string $before, array $line): string
    {
        $values = array_map(static fn (string $column): string|int|null => $line[$column] ?? null, self::COLUMNS);

        return hash('sha256', json_encode([$before, ...$values], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    /** @return int|null the first line whose hash is not what it must be; null where all are */
    public static function firstBroken(): ?int
    {
        $before = '';
        foreach (Record::each(self::lines()) as $record) {
            if (! hash_equals(self::hash($before, $record->toArray()), $record->string('hash'))) {
                return $record->int('id');
            }
            $before = $record->string('hash');
        }

        return null;
    }

    /** Gives the lines that there are their hashes, once, when the chain begins. */
    public static function linkAll(): void
    {
        $before = '';
        foreach (Record::all(self::lines()) as $record) {
            $before = self::hash($before, $record->toArray());
            DB::table('trail')->where('id', $record->int('id'))->update(['hash' => $before]);
        }
    }

    private static function lines(): Builder
    {
        return DB::table('trail')->select('id', 'hash', ...self::COLUMNS)->orderBy('id');
    }
}
