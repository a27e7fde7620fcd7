<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Actions;

/**
 * By what a receiver knows that a message is ours and new: `t=SECONDS,sha256=HEX`, where HEX is the HMAC-SHA256 (RFC 2104) over the
 * time, a full stop and the body, with the webhook's secret as key. The time is Unix time in seconds.
 */
final class MessageSignature
{
    public const HEADER = 'Moss-Signature';

    public static function of(string $body, int $time, string $secret): string
    {
        return 't='.$time.',sha256='.hash_hmac('sha256', $time.'.'.$body, $secret);
    }
}
