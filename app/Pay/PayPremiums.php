<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\PayPremium;
use App\Models\Person;
use App\Support\Language\Wording;
use Moss\Core\Pay\PayKind;
use Moss\Core\Pay\PayPremium as CorePayPremium;

/** The premiums of the organisation, also those that are no longer in use; and what kinds of pay are called. */
final readonly class PayPremiums
{
    /** @param  array<string, PayPremium>  $premiums  by code */
    private function __construct(private array $premiums)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** In one query. */
    public static function load(): self
    {
        $premiums = [];
        foreach (PayPremium::query()->orderBy('code')->get() as $premium) {
            $premiums[$premium->code] = $premium;
        }

        return new self($premiums);
    }

    /** With those who may use them; in three queries. */
    public static function withUsers(): self
    {
        $premiums = self::load();
        PayPremium::query()->getModel()->newCollection(array_values($premiums->premiums))->load('teams:id,code,name', 'people:id,code,name');

        return $premiums;
    }

    public function isEmpty(): bool
    {
        return $this->premiums === [];
    }

    public function named(string $code): ?PayPremium
    {
        return $this->premiums[$code] ?? null;
    }

    /** @return list<CorePayPremium> */
    public function core(): array
    {
        return array_values(array_map(static fn (PayPremium $premium): CorePayPremium => $premium->premium(), $this->premiums));
    }

    /** @return list<PayPremium> */
    public function all(): array
    {
        return array_values($this->premiums);
    }

    /** @return list<PayPremium> that somebody may choose; asked of premiums with their users */
    public function of(Person $person): array
    {
        return array_values(array_filter($this->premiums, static fn (PayPremium $premium): bool => $premium->mayBeUsedBy($person)));
    }

    /** @return list<string> every kind, and in the place of premiums the code of each */
    public function keys(): array
    {
        return [...self::ownKeys(), ...array_keys($this->premiums)];
    }

    /** @param  string  $key  a kind, or the code of a premium */
    public function name(string $key): string
    {
        return $this->premiums[$key]->name ?? Wording::of('pay.kinds.'.$key);
    }

    /** @return list<string> */
    private static function ownKeys(): array
    {
        return array_filter(array_column(PayKind::cases(), 'value'), static fn (string $kind): bool => $kind !== PayKind::Premium->value);
    }
}
