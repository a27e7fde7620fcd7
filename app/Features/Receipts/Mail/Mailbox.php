<?php

declare(strict_types=1);

namespace App\Features\Receipts\Mail;

/** Where mail with receipts comes in. */
interface Mailbox
{
    /** @return iterable<string> what each message that waits is called */
    public function waiting(): iterable;

    /**
     * A message as it came, by RFC 5322.
     *
     * @return resource|null null if it is no longer there
     */
    public function open(string $message);

    /** Puts a message away, so that it does not wait any more. */
    public function finish(string $message, bool $wasTaken): void;
}
