<?php

declare(strict_types=1);

namespace Tests\App\Account;

use App\Models\AccessToken;
use Illuminate\Support\Facades\DB;
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
