<?php

declare(strict_types=1);

namespace App\Features\AccessTokens\Queries;

use App\Features\AccessTokens\Props\AccessTokenProps;
use App\Models\AccessRight;
use App\Models\AccessToken;
use App\Models\Person;
use App\Support\Clock\Today;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Builder;

/** Somebody's tokens, the newest first; for the time office those of all applications too. */
final readonly class OwnTokens
{
    public function __construct(private Today $today)
    {
    }

    /** @return list<AccessTokenProps> */
    public function of(Person $person): array
    {
        $now = $this->today->instant()->format('Y-m-d H:i:s');

        $tokens = AccessToken::query()->with('tokenable')->where(static fn (Builder $own): Builder => $own->where('tokenable_type', $person->getMorphClass())->where('tokenable_id', $person->id))
            ->when($person->isOffice(), static fn (Builder $all): Builder => $all->orWhere('is_application', true))->orderByDesc('id')->get();

        return array_values($tokens->map(static fn (AccessToken $token): AccessTokenProps => new AccessTokenProps(
            $token->id, $token->name, array_values(array_filter(array_map(AccessRight::tryFrom(...), $token->abilities))),
            self::instant($token->created_at), $token->last_used_at === null ? null : self::instant($token->last_used_at),
            $token->expires_at->format('Y-m-d'), $token->expires_at->format('Y-m-d H:i:s') < $now,
            $token->is_application && $token->tokenable instanceof Person ? $token->tokenable->name : null, $token->tokenable_id === $person->id,
        ))->all());
    }

    private static function instant(DateTimeInterface $at): string
    {
        return $at->format('Y-m-d\TH:i:s\Z');
    }
}
