<?php

declare(strict_types=1);

namespace App\Api\Queries;

use App\Api\Input\PageRequest;
use App\Support\Language\Wording;
use Illuminate\Database\Query\Builder;
use Illuminate\Pagination\Cursor;
use Illuminate\Validation\ValidationException;

/** A part of a list in the order of a column and the id, which goes on where the part before ended, whatever came or went meanwhile. */
final class Pages
{
    /**
     * @param  Builder  $rows  of a table with ids
     * @param  string  $id  the column of the id, where others have one too
     * @return array{list<int>, string|null} the ids of the part in order, and where the next one begins
     *
     * @throws ValidationException if the cursor is not one that was given out
     */
    public static function of(Builder $rows, string $column, PageRequest $request, string $id = 'id'): array
    {
        $page = $rows->select($id, $column)->orderBy($column)->orderBy($id)->cursorPaginate($request->limit(), ['*'], 'cursor', self::cursor($request->text('cursor'), [$column, $id]));
        $ids = [];
        foreach ($page->items() as $row) {
            $id = ((array) $row)['id'] ?? null;
            if (is_int($id)) {
                $ids[] = $id;
            }
        }

        return [$ids, $page->nextCursor()?->encode()];
    }

    /** @param  list<string>  $columns */
    private static function cursor(?string $text, array $columns): ?Cursor
    {
        if ($text === null) {
            return null;
        }
        $cursor = Cursor::fromEncoded($text);
        $names = $cursor === null ? [] : array_keys(array_filter($cursor->toArray(), is_scalar(...)));
        if ($cursor === null || array_diff([...$columns, '_pointsToNextItems'], $names) !== [] || count($cursor->toArray()) !== count($names) || count($names) !== count($columns) + 1) {
            throw ValidationException::withMessages(['cursor' => Wording::of('api.cursor')]);
        }

        return $cursor;
    }
}
