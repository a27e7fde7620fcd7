<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use Moss\Core\Planning\Holder;

/** What a holder is called on a page, and in an address. */
final class HolderName
{
    /** @param  array{task: array<int, string>, person: array<string, string>, team: array<string, string>}  $names */
    public static function in(array $names, ?Holder $holder): string
    {
        return $holder === null ? '' : $names[$holder->isTeam ? 'team' : 'person'][$holder->code] ?? $holder->code;
    }

    /** A code holds no colon, so a team cannot be taken for a person. */
    public static function inAddress(?Holder $holder): string
    {
        return $holder === null ? 'nobody' : ($holder->isTeam ? 'team:' : 'person:').$holder->code;
    }
}
