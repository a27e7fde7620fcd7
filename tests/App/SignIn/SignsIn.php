<?php

declare(strict_types=1);

namespace Tests\App\SignIn;

use App\Support\Secrets\Base32;
use App\Support\Secrets\TimeBasedCode;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Tests\App\TestCase;

/**
 * People sign in as they do in a browser, and have second factors.
 *
 * @phpstan-require-extends TestCase
 */
trait SignsIn
{
    private static string $password = 'seven herons at low water';

    private function signIn(string $code = 'ada'): void
    {
        $this->post('/sign-in', ['email' => "$code@lighthouse.example", 'password' => self::$password])->assertRedirect('/');
    }

    /** A request as a server process sees it that remembers nobody. */
    private function whoAsks(): self
    {
        Auth::forgetGuards();
        $this->app->forgetInstance(StatefulGuard::class);
        $this->app->forgetScopedInstances();

        return $this;
    }

    /** Another browser asks from now on. */
    private function elsewhere(): self
    {
        session()->flush();

        return $this->whoAsks();
    }

    /** What the app of somebody with this secret shows. */
    private static function codeOf(string $secret, int $stepsLater = 0): string
    {
        return TimeBasedCode::of(Base32::decode($secret), TimeBasedCode::stepAt(now()) + $stepsLater);
    }

    /**
     * Somebody who is signed in sets up a second factor.
     *
     * @return array{string, list<string>} the secret and the recovery codes
     */
    private function setUpFactor(): array
    {
        $secret = str_replace(' ', '', $this->whoAsks()->given('/account/second-factor')->text('setUp.key'));
        $this->whoAsks()->post('/account/second-factor', ['code' => self::codeOf($secret)])->assertRedirect('/account/recovery-codes');
        $codes = $this->whoAsks()->given('/account/recovery-codes')->value('codes');
        self::assertIsArray($codes);
        self::assertCount(10, $codes);

        return [$secret, array_values(array_filter($codes, is_string(...)))];
    }

    /** @return list<mixed> what the audit trail says of access, in order */
    private static function accessActs(): array
    {
        return array_values(DB::table('audit_trail')->where('subject', 'access')->orderBy('id')->pluck('act')->all());
    }
}
