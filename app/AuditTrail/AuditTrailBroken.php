<?php

declare(strict_types=1);

namespace App\AuditTrail;

use App\Support\Language\Wording;
use RuntimeException;

/** The audit trail is not as it was written; the message is a sentence for people. */
final class AuditTrailBroken extends RuntimeException
{
    public static function atLine(int $id): self
    {
        return new self(Wording::of('commands.audit_trail_broken', ['line' => $id]));
    }

    public static function atEnd(int $expected, int $found): self
    {
        return new self(Wording::of('commands.audit_trail_cut', ['expected' => $expected, 'found' => $found]));
    }

    public static function againstAnchor(int $lines): self
    {
        return new self(Wording::of('commands.audit_trail_anchor', ['lines' => $lines]));
    }
}
