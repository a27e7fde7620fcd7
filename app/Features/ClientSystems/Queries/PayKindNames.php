<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Queries;

use App\Models\ClientSystem;
use App\Pay\PayText;
use Moss\Core\Pay\PayKind;

/** What a client's system calls kinds of pay. */
final class PayKindNames
{
    public static function called(ClientSystem $system, PayKind $kind): string
    {
        return $system->pay_kind_names[$kind->value] ?? PayText::name($kind->value);
    }

    /** @return array<string, PayKind> by what they may be called, in small letters; nothing is regular */
    public static function byName(ClientSystem $system): array
    {
        $kinds = ['' => PayKind::Regular];
        foreach (PayKind::cases() as $kind) {
            $kinds[mb_strtolower(PayText::name($kind->value))] = $kind;
            $kinds[$kind->value] = $kind;
        }
        // What it calls a kind comes before what we do.
        foreach (PayKind::cases() as $kind) {
            $kinds[mb_strtolower(self::called($system, $kind))] = $kind;
        }

        return $kinds;
    }
}
