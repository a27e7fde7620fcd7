<?php

declare(strict_types=1);

namespace App\Features\Submission\Actions;

use RuntimeException;

/** A submission that cannot go; the message is a sentence for people. Nothing was submitted. */
final class SubmissionRefused extends RuntimeException
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
