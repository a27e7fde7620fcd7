<?php

declare(strict_types=1);

namespace App\Support\Trail;

use App\Support\Words;
use RuntimeException;

/** The trail is not as it was written; the message is a sentence for people. */
final class TrailBroken extends RuntimeException
{
    public static function atLine(int $id): self
    {
        return new self(Words::of('commands.trail_broken', ['line' => $id]));
    }

    public static function atEnd(int $expected, int $found): self
    {
        return new self(Words::of('commands.trail_cut', ['expected' => $expected, 'found' => $found]));
    }

    public static function againstAnchor(int $lines): self
    {
        return new self(Words::of('commands.trail_anchor', ['lines' => $lines]));
    }
}
