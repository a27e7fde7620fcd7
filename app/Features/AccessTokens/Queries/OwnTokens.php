<?php

declare(strict_types=1);

namespace App\Features\AccessTokens\Queries;

use App\Features\AccessTokens\Props\AccessTokenProps;
use App\Models\AccessRight;
use App\Models\AccessToken;
use App\Models\Person;
use App\Support\Clock\Today;
use DateTimeInterface;

/** Somebody's tokens, the newest first. */
final readonly class OwnTokens
{
    public function __construct(private Today $today)
    {
    }

    /** @return list<AccessTokenProps> */
    public function of(Person $person): array
    {
        $now = $this->today->instant()->format('Y-m-d H:i:s');

        return array_values(AccessToken::query()->where('tokenable_type', $person->getMorphClass())->where('tokenable_id', $person->id)->orderByDesc('id')->get()
            ->map(static fn (AccessToken $token): AccessTokenProps => new AccessTokenProps(
                $token->id, $token->name, array_values(array_filter(array_map(AccessRight::tryFrom(...), $token->abilities))),
                self::instant($token->created_at), $token->last_used_at === null ? null : self::instant($token->last_used_at),
                $token->expires_at->format('Y-m-d'), $token->expires_at->format('Y-m-d H:i:s') < $now,
            ))->all());
    }

    private static function instant(DateTimeInterface $at): string
    {
        return $at->format('Y-m-d\TH:i:s\Z');
    }
}
