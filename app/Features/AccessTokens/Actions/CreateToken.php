<?php

declare(strict_types=1);

namespace App\Features\AccessTokens\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\AccessRight;
use App\Models\AccessToken;
use App\Models\Person;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Gives somebody a token for a program. */
final readonly class CreateToken
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /**
     * @param  non-empty-list<AccessRight>  $rights
     * @param  Day  $endsOn  the last day on which it is accepted, in UTC
     * @param  bool  $isApplication  an application's, for which the person answers
     * @return string the token, which cannot be seen again
     */
    public function handle(Person $person, string $name, array $rights, Day $endsOn, bool $isApplication = false): string
    {
        return DB::transaction(function () use ($person, $name, $rights, $endsOn, $isApplication): string {
            $abilities = array_map(static fn (AccessRight $right): string => $right->value, $rights);
            $token = $person->createToken($name, $abilities, new DateTimeImmutable($endsOn->toString().' 23:59:59 UTC'));
            if ($isApplication) {
                AccessToken::query()->whereKey($token->accessToken->getKey())->update(['is_application' => true]);
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $person->code, 'create token', $person, null, ['name' => $name, 'rights' => implode(', ', $abilities), 'ends_on' => $endsOn->toString(), 'application' => $isApplication ? 'yes' : 'no'], $person->id)]);

            return $token->plainTextToken;
        });
    }
}
