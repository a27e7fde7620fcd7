<?php

declare(strict_types=1);

namespace App\Features\Passwords\Actions;

use App\Features\Passwords\PasswordRules;
use App\Features\SignIn\Actions\ChangeAccess;
use App\Models\PasswordLink;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Sets the password that a link is for. */
final readonly class UsePasswordLink
{
    public function __construct(private PasswordRules $rules, private ChangeAccess $access, private Today $today)
    {
    }

    /** Whose link it is; null where there is none such, or it was used, is over or belongs to somebody without access. */
    public function personOf(string $token): ?Person
    {
        $link = PasswordLink::query()->with('person')->where('token_hash', PasswordLink::hash($token))->whereNull('used_at')
            ->where('expires_at', '>', $this->today->instant()->format('Y-m-d\TH:i:s\Z'))->first();

        return $link !== null && $link->person->hasAccess($this->today->for($link->person)) ? $link->person : null;
    }

    /** @throws PasswordRefused if the link is not good any more, or the password is not good enough */
    public function handle(string $token, string $password): Person
    {
        return DB::transaction(function () use ($token, $password): Person {
            $person = $this->personOf($token) ?? throw PasswordRefused::linkOver();
            $fault = $this->rules->fault($password, $person);
            if ($fault !== null) {
                throw PasswordRefused::because($fault);
            }
            PasswordLink::query()->where('person_id', $person->id)->whereNull('used_at')->update(['used_at' => $this->today->instant()->format('Y-m-d\TH:i:s\Z')]);
            $this->access->setPassword($person, $password, $person);

            return $person;
        });
    }
}
