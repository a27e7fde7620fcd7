<?php

declare(strict_types=1);

namespace App\AuditTrail;

use App\Models\AuditTrailRow;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;

/**
 * Lines of some days. They come in the order of time, so that an index by it needs every fiftieth line only, and most acts do not
 * write to it. Between two of these a clock may have been set back by up to a day.
 */
final class LinesByTime
{
    private const EVERY = 50;

    public static function since(Builder $lines, Day $first): Builder
    {
        $before = self::some()->where('at', '<', $first->plusDays(-1)->toString())->orderByDesc('at')->value('id');

        return $lines->when(is_int($before), static fn (Builder $later): Builder => $later->where('audit_trail.id', '>', $before))->where('audit_trail.at', '>=', $first->toString());
    }

    public static function until(Builder $lines, Day $last): Builder
    {
        $after = self::some()->where('at', '>', $last->plusDays(2)->toString())->orderBy('at')->value('id');

        return $lines->when(is_int($after), static fn (Builder $earlier): Builder => $earlier->where('audit_trail.id', '<', $after))->where('audit_trail.at', '<', $last->plusDays(1)->toString());
    }

    private static function some(): Builder
    {
        // Said as the index says it.
        return AuditTrailRow::query()->toBase()->where(Sql::remainder('id', self::EVERY), Sql::value(0));
    }
}
