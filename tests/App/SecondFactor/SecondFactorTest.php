<?php

declare(strict_types=1);

namespace Tests\App\SecondFactor;

use App\Models\Organisation;
use App\Models\RecoveryCode;
use App\Models\SecondFactor;
use Illuminate\Support\Facades\DB;
use Tests\App\Lighthouse;
use Tests\App\SignIn\SignsIn;
use Tests\App\TestCase;

/** Codes of an app and recovery codes, from setting them up to signing in with them. */
final class SecondFactorTest extends TestCase
{
    use SignsIn;

    protected function setUp(): void
    {
        parent::setUp();
        $this->freezeSecond();
        $this->import(Lighthouse::files());
        $this->person('ada')->update(['password' => self::$password]);
    }

    public function test_with_a_second_factor_the_password_alone_opens_nothing(): void
    {
        $secret = $this->withFactor();
        $this->elsewhere()->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => self::$password])->assertRedirect('/sign-in/code');

        $this->whoAsks()->get('/week/2026-W25')->assertRedirect('/sign-in');
        $this->whoAsks()->get('/sign-in/code')->assertOk();
        $this->whoAsks()->post('/sign-in/code', ['code' => self::codeOf($secret, 1)])->assertRedirect('/week/2026-W25');
        $this->whoAsks()->get('/week/2026-W25')->assertOk();
    }

    public function test_a_code_counts_once(): void
    {
        $secret = $this->withFactor();
        $this->enterPassword()->post('/sign-in/code', ['code' => self::codeOf($secret)])->assertSessionHasErrors(['code' => __('signin.factor_wrong')]);
        $this->whoAsks()->post('/sign-in/code', ['code' => self::codeOf($secret, 1)])->assertRedirect('/');
        $this->enterPassword()->post('/sign-in/code', ['code' => self::codeOf($secret, 1)])->assertSessionHasErrors('code');
        $this->travel(1)->minutes();
        $this->whoAsks()->post('/sign-in/code', ['code' => self::codeOf($secret)])->assertRedirect('/');
    }

    public function test_each_recovery_code_counts_once_however_it_is_typed(): void
    {
        $this->signIn();
        [, $codes] = $this->setUpFactor();

        $this->enterPassword()->post('/sign-in/code', ['code' => ' '.strtolower(str_replace('-', ' ', $codes[3]))])->assertRedirect('/');
        $this->enterPassword()->post('/sign-in/code', ['code' => $codes[3]])->assertSessionHasErrors('code');
        $this->whoAsks()->post('/sign-in/code', ['code' => $codes[4]])->assertRedirect('/');
        self::assertSame(8, $this->whoAsks()->given('/account')->int('account.factor.codes'));
        self::assertContains('use recovery code', self::accessActs());
    }

    public function test_new_recovery_codes_make_those_before_worthless(): void
    {
        $this->signIn();
        [, $before] = $this->setUpFactor();
        $this->whoAsks()->post('/account/recovery-codes')->assertRedirect('/account/recovery-codes');
        $codes = $this->whoAsks()->given('/account/recovery-codes')->value('codes');
        self::assertIsArray($codes);
        // They are shown once.
        $this->whoAsks()->get('/account/recovery-codes')->assertRedirect('/account');

        $this->enterPassword()->post('/sign-in/code', ['code' => $before[0]])->assertSessionHasErrors('code');
        $this->whoAsks()->post('/sign-in/code', ['code' => $codes[0]])->assertRedirect('/');
    }

    public function test_after_eight_wrong_codes_even_the_right_one_waits(): void
    {
        $secret = $this->withFactor();
        $this->enterPassword();
        foreach (range(1, 8) as $attempt) {
            $this->whoAsks()->post('/sign-in/code', ['code' => sprintf('%06d', $attempt)])->assertSessionHasErrors(['code' => __('signin.factor_wrong')]);
        }
        $this->whoAsks()->post('/sign-in/code', ['code' => self::codeOf($secret, 1)])->assertSessionHasErrors(['code' => __('signin.pause', ['seconds' => 900])]);
        self::assertSame(9, count(array_keys(self::accessActs(), 'sign-in failed', true)));
        $this->travel(15)->minutes();
        $this->enterPassword()->post('/sign-in/code', ['code' => self::codeOf($secret)])->assertRedirect('/');
    }

    public function test_after_ten_minutes_or_with_another_password_the_password_is_asked_for_again(): void
    {
        $secret = $this->withFactor();
        $this->enterPassword();
        $this->travel(11)->minutes();
        $this->whoAsks()->post('/sign-in/code', ['code' => self::codeOf($secret)])->assertRedirect('/sign-in')->assertSessionHas('refusal', __('signin.too_late'));

        $this->enterPassword();
        $this->person('ada')->update(['password' => 'eleven otters asleep']);
        $this->whoAsks()->post('/sign-in/code', ['code' => self::codeOf($secret, 1)])->assertRedirect('/sign-in');
        $this->whoAsks()->get('/')->assertRedirect('/sign-in');
    }

    public function test_who_has_left_meanwhile_is_not_signed_in(): void
    {
        $secret = $this->withFactor();
        $this->enterPassword();
        $this->person('ada')->update(['ends_on' => '2026-06-16']);

        $this->whoAsks()->post('/sign-in/code', ['code' => self::codeOf($secret, 1)])->assertRedirect('/sign-in')->assertSessionHas('refusal', __('signin.ended'));
    }

    public function test_nothing_is_asked_for_before_a_first_code_has_been_entered(): void
    {
        $this->signIn();
        $this->whoAsks()->get('/account/second-factor')->assertOk();
        $this->whoAsks()->post('/account/second-factor', ['code' => '123'])->assertSessionHasErrors('code');

        $this->enterPassword('/');
    }

    public function test_neither_secret_nor_recovery_codes_can_be_read_in_the_database(): void
    {
        $this->signIn();
        [$secret, $codes] = $this->setUpFactor();
        $stored = json_encode([DB::table('second_factors')->get(), DB::table('recovery_codes')->get(), DB::table('audit_trail')->get(), DB::table('messages')->get()], JSON_THROW_ON_ERROR);

        foreach ([$secret, str_replace('-', '', $codes[0]), $codes[0]] as $hidden) {
            self::assertStringNotContainsString($hidden, $stored);
        }
        self::assertSame($secret, SecondFactor::query()->sole()->secret);
    }

    public function test_what_the_app_scans_is_what_it_shows_to_those_who_type(): void
    {
        $this->signIn();
        $given = $this->whoAsks()->given('/account/second-factor');

        self::assertSame('otpauth://totp/Moss%20Week%20Lighthouse:ada%40lighthouse.example?secret='.str_replace(' ', '', $given->text('setUp.key')).'&issuer=Moss%20Week%20Lighthouse', $given->text('setUp.address'));
    }

    public function test_whose_access_requires_one_gets_nowhere_else_before(): void
    {
        $this->actingAs($this->person('kit'))->put('/office/accounts/second-factor', ['access' => ['member']])->assertSessionHas('message');
        $this->elsewhere();
        $this->signIn();

        $this->whoAsks()->get('/week/2026-W25')->assertRedirect('/account/second-factor');
        $this->whoAsks()->getJson('/people/ada/week/2026-W25/lines')->assertForbidden()->assertJsonPath('message', __('signin.factor_needed'));
        $this->whoAsks()->putJson('/people/ada/week/2026-W25/cells')->assertForbidden();
        self::assertTrue($this->whoAsks()->given('/account/second-factor')->value('setUp.isNeeded'));
        $this->setUpFactor();
        $this->whoAsks()->get('/week/2026-W25')->assertOk();

        $this->whoAsks()->delete('/account/second-factor')->assertSessionHas('refusal', __('signin.factor_required'));
        self::assertSame(1, SecondFactor::query()->count());
    }

    public function test_it_is_required_of_the_access_that_was_named_only(): void
    {
        Organisation::query()->sole()->update(['factor_access' => ['office', 'manager']]);
        $this->signIn();

        $this->whoAsks()->get('/week/2026-W25')->assertOk();
    }

    public function test_a_person_removes_it_and_the_office_removes_that_of_others(): void
    {
        $this->withFactor();
        $this->whoAsks()->delete('/account/second-factor')->assertSessionHas('message', __('signin.factor_off'));
        self::assertSame([0, 0], [SecondFactor::query()->count(), RecoveryCode::query()->count()]);

        $this->setUpFactor();
        $this->elsewhere()->actingAs($this->person('kit'))->delete('/office/accounts/ada/second-factor')->assertSessionHas('message', 'The second factor of Ada Moor is removed.');
        $this->enterPassword('/');
        self::assertSame(2, count(array_keys(self::accessActs(), 'remove second factor', true)));
    }

    private function withFactor(): string
    {
        $this->signIn();

        return $this->setUpFactor()[0];
    }

    /** In another browser. */
    private function enterPassword(string $goesTo = '/sign-in/code'): self
    {
        $this->elsewhere()->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => self::$password])->assertRedirect($goesTo);

        return $this->whoAsks();
    }
}
