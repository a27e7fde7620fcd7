<?php

declare(strict_types=1);

namespace Tests\App\Account;

use App\AuditTrail\AuditTrailChain;
use App\Features\AccessTokens\Actions\TakeTokenOver;
use App\Features\AccessTokens\Queries\OwnTokens;
use App\Models\AccessToken;
use App\Models\AuditTrailRow;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\SignIn\SignsIn;
use Tests\App\TestCase;

/** Tokens of programs, on the account page. */
final class AccessTokensTest extends TestCase
{
    use SignsIn;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->person('ada')->update(['password' => self::$password]);
    }

    public function test_a_token_is_shown_once_seen_and_revoked(): void
    {
        $this->signIn();
        $last = gmdate('Y-m-d', time() + 30 * 86_400);
        $this->whoAsks()->post('/account/tokens', ['name' => 'Ferry log', 'rights' => ['read', 'record'], 'endsOn' => $last])->assertRedirect('/account')->assertSessionHas('message', __('tokens.created'));

        $page = $this->whoAsks()->given('/account');
        $token = $page->text('account.newToken');
        self::assertStringContainsString('|moss_', $token);
        self::assertSame(['Ferry log', ['read', 'record'], $last, null], [$page->value('account.tokens.0.name'), $page->value('account.tokens.0.rights'), $page->value('account.tokens.0.endsOn'), $page->value('account.tokens.0.lastUsedAt')]);
        self::assertNull($this->whoAsks()->given('/account')->value('account.newToken'), 'it is shown once');
        self::assertSame(hash('sha256', explode('|', $token)[1]), DB::table('access_tokens')->value('token'));

        $this->whoAsks()->delete('/account/tokens/'.AccessToken::query()->sole()->id)->assertSessionHas('message', __('tokens.revoked'));
        self::assertSame(0, AccessToken::query()->count());
        self::assertSame(['create token', 'revoke token'], DB::table('audit_trail')->where('act', 'like', '%token')->orderBy('id')->pluck('act')->all());
        $this->whoAsks()->delete('/account/tokens/999')->assertNotFound();
    }

    public function test_nobody_revokes_the_token_of_somebody_else(): void
    {
        $token = $this->person('bo')->createToken('Theirs', ['read'], now()->addDay())->accessToken;
        $this->signIn();

        $this->whoAsks()->delete('/account/tokens/'.$token->id)->assertNotFound();
        self::assertSame([], $this->whoAsks()->given('/account')->value('account.tokens'));
    }

    public function test_an_application_is_somebody_s_to_answer_for_until_another_takes_it_over(): void
    {
        $this->signIn();
        $given = ['name' => 'Payroll bridge', 'rights' => ['read', 'record'], 'endsOn' => gmdate('Y-m-d', time() + 86_400), 'isApplication' => true];
        $this->whoAsks()->post('/account/tokens', $given)->assertSessionHasErrors('isApplication');
        $this->person('ada')->update(['access' => 'office']);
        $this->whoAsks()->post('/account/tokens', $given)->assertSessionHas('token');
        $token = $this->whoAsks()->given('/account')->text('account.newToken');
        $this->app->make('auth')->forgetGuards();
        $this->flushSession();
        $save = fn (string $hours): TestResponse => $this->withToken($token)->putJson('/api/v1/people/ada/entries', ['entries' => [['project' => 'OWN', 'task' => 'TRAIN', 'date' => '2026-06-17', 'hours' => $hours]]]);
        $save('1')->assertOk()->assertJsonPath('data.0.outcome', 'saved');
        $line = AuditTrailRow::query()->where('subject', 'entry')->sole();
        self::assertSame([$this->person('ada')->id, '(by the application Payroll bridge)'], [$line->actor_id, $line->why]);
        self::assertSame(AuditTrailRow::query()->count(), AuditTrailChain::verify()->lines);

        // Ada leaves; kit sees it and answers for it from now on.
        $this->person('ada')->update(['disabled_at' => '2026-06-01T00:00:00Z']);
        $this->app->make('auth')->forgetGuards();
        $this->withToken($token)->getJson('/api/v1/me')->assertUnauthorized();
        $this->app->make(TakeTokenOver::class)->handle($this->person('kit'), AccessToken::query()->sole());
        $this->app->make('auth')->forgetGuards();
        $this->withToken($token)->getJson('/api/v1/me')->assertOk()->assertJsonPath('person', 'kit');
        $seen = $this->app->make(OwnTokens::class)->of($this->person('kit'));
        self::assertSame(['Kit Ness', true], [$seen[0]->application, $seen[0]->isOwn]);
        self::assertSame([], $this->app->make(OwnTokens::class)->of($this->person('bo')));
    }

    /** @param  array<string, mixed>  $given */
    #[TestWith([['name' => ''], 'name'])]
    #[TestWith([['rights' => []], 'rights'])]
    #[TestWith([['rights' => ['everything']], 'rights.0'])]
    #[TestWith([['endsOn' => '2026-02-30'], 'endsOn'])]
    #[TestWith([['endsOn' => '2020-01-01'], 'endsOn'])]
    #[TestWith([['endsOn' => '2999-01-01'], 'endsOn'])]
    public function test_other_tokens_are_refused(array $given, string $field): void
    {
        $this->signIn();
        $this->whoAsks()->post('/account/tokens', $given + ['name' => 'Ferry log', 'rights' => ['read'], 'endsOn' => gmdate('Y-m-d')])->assertSessionHasErrors($field);
        self::assertSame(0, AccessToken::query()->count());
    }
}
