<?php

declare(strict_types=1);

namespace Tests\App\SingleSignOn;

use App\Features\SignIn\CurrentSignIn;
use App\Features\SingleSignOn\ProviderFailed;
use App\Models\Identity;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\SignIn;
use Illuminate\Support\Facades\Exceptions;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\SignIn\SignsIn;
use Tests\App\TestCase;

/** People sign in at the identity provider of their organisation, by OpenID Connect. */
final class SingleSignOnTest extends TestCase
{
    use AsksSimulatedProvider;
    use SignsIn;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->startProvider();
    }

    public function test_somebody_with_the_same_verified_address_is_signed_in_and_known_from_then_on(): void
    {
        $this->get($this->chosen($this->sentTo(), 'ada'))->assertRedirect('/');
        $this->whoAsks()->get('/week/2026-W25')->assertOk();
        self::assertSame(['single sign-on', false], [SignIn::query()->sole()->method->value, SignIn::query()->sole()->has_factor]);
        self::assertSame(['link single sign-on', 'sign in'], self::accessActs());

        // From now on it is the account there that counts, whatever its address becomes.
        $this->person('ada')->update(['email' => 'ada.moor@lighthouse.example']);
        $this->elsewhere()->get($this->chosen($this->sentTo(), 'ada'))->assertRedirect('/');
        self::assertSame([1, 2], [Identity::query()->count(), SignIn::query()->where('person_id', $this->person('ada')->id)->count()]);
    }

    public function test_the_browser_is_sent_with_all_that_protects_the_way_back(): void
    {
        parse_str((string) parse_url($this->sentTo(), PHP_URL_QUERY), $asked);

        self::assertSame(['moss-week', 'code', 'S256', 'openid email profile', route('sign-in.single-sign-on.return')], [$asked['client_id'], $asked['response_type'], $asked['code_challenge_method'], $asked['scope'], $asked['redirect_uri']]);
        foreach (['state', 'nonce', 'code_challenge'] as $secret) {
            self::assertIsString($asked[$secret]);
            self::assertGreaterThanOrEqual(32, strlen($asked[$secret]), $secret);
        }
    }

    public function test_an_address_that_is_not_verified_signs_nobody_in(): void
    {
        $this->get($this->chosen($this->sentTo(), 'false'))->assertRedirect('/sign-in')->assertSessionHas('refusal', __('signin.sso_unverified', ['name' => 'Lighthouse sign-on']));
        $this->assertNobody();
    }

    public function test_another_account_there_does_not_take_over_an_address_that_is_linked(): void
    {
        $this->get($this->chosen($this->sentTo(), 'mo'))->assertRedirect('/');
        $this->claims = ['sub' => 'somebody else'];
        $this->elsewhere()->get($this->chosen($this->sentTo(), 'mo'))->assertRedirect('/sign-in');
        self::assertSame(1, SignIn::query()->count());
    }

    public function test_people_are_added_only_where_the_office_allows_it(): void
    {
        $this->get($this->chosen($this->sentTo(), 'newt'))->assertRedirect('/sign-in')->assertSessionHas('refusal', __('signin.sso_unknown', ['email' => 'newt@lighthouse.example']));
        $this->assertNobody();

        Organisation::query()->sole()->update(['single_sign_on_adds_people' => true]);
        $this->get($this->chosen($this->sentTo(), 'newt'))->assertRedirect('/');
        $newt = $this->person('newt');
        self::assertSame(['Newt Pool', 'newt@lighthouse.example', 'member', null], [$newt->name, $newt->email, $newt->access->value, $newt->password]);
        self::assertContains('add by single sign-on', self::accessActs());
    }

    public function test_somebody_new_gets_a_code_that_is_free(): void
    {
        Organisation::query()->sole()->update(['single_sign_on_adds_people' => true]);
        Person::query()->create(['code' => 'newt', 'name' => 'Another Newt', 'email' => 'another@lighthouse.example', 'access' => 'member']);

        $this->get($this->chosen($this->sentTo(), 'newt'))->assertRedirect('/');
        self::assertSame('newt@lighthouse.example', $this->person('newt-2')->email);
    }

    public function test_who_has_left_or_is_disabled_is_not_signed_in(): void
    {
        $this->person('ada')->update(['ends_on' => '2026-06-16']);
        $this->person('mo')->update(['disabled_at' => '2026-06-01T08:00:00Z']);
        foreach (['ada', 'mo'] as $subject) {
            $this->get($this->chosen($this->sentTo(), $subject))->assertRedirect('/sign-in')->assertSessionHas('refusal', __('signin.ended'));
        }
        $this->assertNobody();
    }

    public function test_a_second_factor_there_counts_here_and_without_one_that_of_here_is_asked_for(): void
    {
        $this->person('ada')->update(['password' => self::$password]);
        $this->signIn();
        [$secret] = $this->setUpFactor();

        $this->elsewhere()->get($this->chosen($this->sentTo(), 'ada'))->assertRedirect('/sign-in/code');
        $this->whoAsks()->get('/')->assertRedirect('/sign-in');
        $this->whoAsks()->post('/sign-in/code', ['code' => self::codeOf($secret, 1)])->assertRedirect('/');
        $this->elsewhere()->get($this->chosen($this->sentTo(), 'ada', hasFactor: true))->assertRedirect('/');
        self::assertTrue(SignIn::query()->orderByDesc('id')->firstOrFail()->has_factor);
    }

    /** @param  array<string, mixed>  $claims */
    #[DataProvider('wrongTokens')]
    public function test_a_token_that_is_wrong_in_anything_signs_nobody_in(array $claims, string $reason): void
    {
        Exceptions::fake();
        $this->claims = $claims;
        $this->get($this->chosen($this->sentTo(), 'ada'))->assertRedirect('/sign-in')->assertSessionHas('refusal', __('signin.sso_failed', ['name' => 'Lighthouse sign-on']));
        $this->assertNobody();
        Exceptions::assertReported(static fn (ProviderFailed $failed): bool => str_contains($failed->getMessage(), $reason));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrongTokens(): iterable
    {
        yield 'of another provider' => [['iss' => 'https://sign-on.elsewhere.example'], 'of another provider'];
        yield 'for another application' => [['aud' => 'another'], 'for somebody else'];
        yield 'for two, given to the other' => [['aud' => ['moss-week', 'another'], 'azp' => 'another'], 'given to somebody else'];
        yield 'for two, not saying to whom it was given' => [['aud' => ['moss-week', 'another']], 'given to somebody else'];
        yield 'of another sign-in' => [['nonce' => 'another'], 'of another sign-in'];
        yield 'without a nonce' => [['nonce' => null], 'of another sign-in'];
        yield 'over' => [['exp' => time() - 120], 'not signed as it has to be, or is over'];
        yield 'without an end' => [['exp' => null], 'does not say when it ends'];
        yield 'not begun' => [['nbf' => time() + 600], 'not signed as it has to be, or is over'];
        yield 'about nobody' => [['sub' => null], 'does not say whom it is about'];
        yield 'not signed' => [['alg' => 'none'], 'not signed as it has to be'];
        yield 'signed with what everybody knows' => [['alg' => 'HS256'], 'not signed as it has to be'];
        yield 'signed by somebody else' => [['key' => 'another'], 'not signed as it has to be'];
    }

    public function test_an_answer_to_what_nobody_asked_here_is_not_taken(): void
    {
        $back = $this->chosen($this->sentTo(), 'ada');
        // Somebody else's browser.
        $this->elsewhere()->get($back)->assertRedirect('/sign-in')->assertSessionHas('refusal');

        $this->sentTo();
        $this->get($back)->assertRedirect('/sign-in');
        $this->get('/sign-in/single-sign-on/return?error=access_denied')->assertRedirect('/sign-in')->assertSessionHas('refusal');
        $this->get('/sign-in/single-sign-on/return?code[]=1&state[]=2')->assertRedirect('/sign-in');
        $this->assertNobody();
    }

    public function test_an_answer_counts_once_and_for_ten_minutes(): void
    {
        $back = $this->chosen($this->sentTo(), 'ada');
        $this->get($back)->assertRedirect('/');
        $this->elsewhere()->get($back)->assertRedirect('/sign-in');

        $address = $this->sentTo();
        $this->travel(11)->minutes();
        $this->get($this->chosen($address, 'ada'))->assertRedirect('/sign-in');
        self::assertSame(1, SignIn::query()->count());
    }

    public function test_a_stolen_code_is_worthless_without_what_only_this_browser_has(): void
    {
        $back = $this->chosen($this->sentTo(), 'ada');
        parse_str((string) parse_url($back, PHP_URL_QUERY), $answer);
        $this->elsewhere();
        parse_str((string) parse_url($this->sentTo(), PHP_URL_QUERY), $asked);

        $this->get('/sign-in/single-sign-on/return?'.http_build_query(['code' => $answer['code'], 'state' => $asked['state']]))->assertRedirect('/sign-in');
        $this->assertNobody();
    }

    public function test_keys_that_change_are_fetched_but_not_for_every_token(): void
    {
        $this->get($this->chosen($this->sentTo(), 'ada'))->assertRedirect('/');
        $this->elsewhere()->get($this->chosen($this->sentTo(), 'ada'))->assertRedirect('/');
        self::assertSame([1, 1], [count(array_keys($this->asked, '/keys', true)), count(array_keys($this->asked, '/.well-known/openid-configuration', true))]);

        $this->provider->answer('POST', '/keys/change', [], [], '', now()->getTimestamp());
        $this->elsewhere()->get($this->chosen($this->sentTo(), 'ada'))->assertRedirect('/');
        self::assertCount(2, array_keys($this->asked, '/keys', true));

        // A key that nobody knows has them fetched once a minute at most.
        $this->claims = ['key' => 'another'];
        foreach (['ada', 'mo'] as $subject) {
            $this->elsewhere()->get($this->chosen($this->sentTo(), $subject))->assertRedirect('/sign-in');
        }
        self::assertCount(2, array_keys($this->asked, '/keys', true));
    }

    public function test_a_provider_that_does_not_answer_is_said_and_passwords_still_work(): void
    {
        config(['single_sign_on.issuer' => 'https://another.lighthouse.example']);
        $this->post('/sign-in/single-sign-on')->assertRedirect('/sign-in')->assertSessionHas('refusal', __('signin.sso_failed', ['name' => 'Lighthouse sign-on']));

        $this->person('ada')->update(['password' => self::$password]);
        $this->signIn();
    }

    public function test_where_there_is_no_provider_there_is_no_single_sign_on(): void
    {
        config(['single_sign_on.issuer' => null]);
        $this->post('/sign-in/single-sign-on')->assertRedirect('/sign-in')->assertSessionHas('refusal', __('signin.sso_off'));
        self::assertNull($this->given('/sign-in')->textOrNull('page.singleSignOn'));
        Http::assertNothingSent();
    }

    public function test_somebody_without_a_password_confirms_there_that_it_is_them(): void
    {
        $this->get($this->chosen($this->sentTo(), 'ada'))->assertRedirect('/');
        $this->travel(20)->minutes();
        $this->whoAsks()->get('/account/second-factor')->assertRedirect('/account');

        $address = $this->whoAsks()->sentTo();
        self::assertStringContainsString('prompt=login', $address);
        $this->whoAsks()->get($this->chosen($address, 'mo'))->assertRedirect('/account')->assertSessionHas('refusal', __('signin.sso_other', ['name' => 'Lighthouse sign-on', 'email' => 'ada@lighthouse.example']));
        $this->whoAsks()->get('/account/second-factor')->assertRedirect('/account');
        $this->claims = ['auth_time' => now()->getTimestamp() - 3600];
        $this->whoAsks()->get($this->chosen($this->whoAsks()->sentTo(), 'ada'))->assertRedirect('/account')->assertSessionHas('refusal');
        $this->claims = [];
        $this->whoAsks()->get($this->chosen($this->whoAsks()->sentTo(), 'ada'))->assertRedirect('/account')->assertSessionHas('message', __('signin.confirmed'));
        $this->whoAsks()->get('/account/second-factor')->assertOk();
    }

    private function assertNobody(): void
    {
        self::assertSame(0, SignIn::query()->count());
        self::assertNull($this->app->make(CurrentSignIn::class)->id());
    }
}
