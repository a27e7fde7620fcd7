<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Why a webhook is not saved; the message is a sentence for people. */
final class WebhookRefused extends RuntimeException
{
    private function __construct(public readonly string $field, string $sentence)
    {
        parent::__construct($sentence);
    }

    public static function address(): self
    {
        return new self('address', Wording::of('webhooks.address'));
    }

    public static function name(): self
    {
        return new self('name', Wording::of('webhooks.name_taken'));
    }
}
