<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Queries;

use App\Models\ClientSystem;
use App\Pay\PayPremiums;
use Moss\Core\Pay\PayKind;

/** What a client's system calls kinds of pay; each is known by its kind, a premium by its code. */
final readonly class PayKindNames
{
    private function __construct(private ClientSystem $system, private PayPremiums $premiums)
    {
    }

    /** In one query. */
    public static function of(ClientSystem $system): self
    {
        return new self($system, PayPremiums::load());
    }

    public function called(string $key): string
    {
        return $this->system->pay_kind_names[$key] ?? $this->premiums->name($key);
    }

    /** @return array<array-key, string> kinds by what they may be called, in small letters; nothing is regular */
    public function byName(): array
    {
        $kinds = ['' => PayKind::Regular->value];
        foreach ($this->premiums->keys() as $key) {
            $kinds[mb_strtolower($this->premiums->name($key))] = $key;
            $kinds[$key] = $key;
        }
        // What it calls a kind comes before what we do.
        foreach ($this->premiums->keys() as $key) {
            $kinds[mb_strtolower($this->called($key))] = $key;
        }

        return $kinds;
    }
}
