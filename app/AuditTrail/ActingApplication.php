<?php

declare(strict_types=1);

namespace App\AuditTrail;

use App\Support\Language\Wording;

/** Which application is at work in this request, if any, so that the audit trail says so beside who answers for it. */
final class ActingApplication
{
    private string $name = '';

    public function is(string $name): void
    {
        $this->name = $name;
    }

    /** Why something was done, with the application that did it. */
    public function noted(string $why): string
    {
        return $this->name === '' ? $why : trim($why.' '.Wording::of('audit.by_application', ['name' => $this->name]));
    }
}
