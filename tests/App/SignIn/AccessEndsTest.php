<?php

declare(strict_types=1);

namespace Tests\App\SignIn;

use App\Features\SignIn\SignedInPeople;
use App\Models\SignIn;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Access ends when it is said to, also for browsers that are signed in. */
final class AccessEndsTest extends TestCase
{
    use SignsIn;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->person('ada')->update(['password' => self::$password]);
    }

    /** @param  callable(self): void  $end */
    #[DataProvider('endings')]
    public function test_a_browser_that_is_signed_in_is_so_no_longer(callable $end): void
    {
        $this->signIn();
        $this->whoAsks()->get('/week/2026-W25')->assertOk();

        $end($this);

        $this->whoAsks()->get('/week/2026-W25')->assertRedirect('/sign-in');
        $this->whoAsks()->putJson('/people/ada/week/2026-W25/cells')->assertUnauthorized();
    }

    /** @return iterable<string, array{callable(self): void}> */
    public static function endings(): iterable
    {
        yield 'another password' => [static function (self $test): void {
            $test->person('ada')->update(['password' => 'another long word']);
        }];
        yield 'no password any more' => [static function (self $test): void {
            DB::table('people')->where('code', 'ada')->update(['password' => null]);
        }];
        yield 'the last day of employment is over' => [static function (self $test): void {
            $test->person('ada')->update(['ends_on' => '2026-06-16']);
        }];
        yield 'disabled by the office' => [static function (self $test): void {
            self::assertSame(0, Artisan::call('moss:access', ['act' => 'disable', 'person' => 'ada']));
        }];
        yield 'signed out everywhere by the office' => [static function (self $test): void {
            self::assertSame(0, Artisan::call('moss:access', ['act' => 'sign-out', 'person' => 'ada@lighthouse.example']));
        }];
        yield 'eight days later' => [static function (self $test): void {
            $test->itIs('2026-06-25');
        }];
    }

    public function test_on_the_last_day_of_employment_itself_people_still_work(): void
    {
        $this->person('ada')->update(['ends_on' => '2026-06-17']);
        $this->signIn();

        $this->whoAsks()->get('/week/2026-W25')->assertOk();
    }

    public function test_a_session_that_a_late_request_writes_back_after_signing_out_opens_nothing(): void
    {
        $this->signIn();
        $session = session()->all();
        $this->whoAsks()->post('/sign-out')->assertRedirect('/sign-in');

        $this->withSession($session)->whoAsks()->get('/week/2026-W25')->assertRedirect('/sign-in');
        self::assertSame(0, SignIn::query()->count());
    }

    public function test_signing_out_leaves_other_browsers_signed_in(): void
    {
        $this->signIn();
        $elsewhere = session()->all();
        session()->flush();
        $this->whoAsks();
        $this->signIn();
        $this->whoAsks()->post('/sign-out');

        $this->withSession($elsewhere)->whoAsks()->get('/week/2026-W25')->assertOk();
    }

    public function test_the_key_of_one_person_opens_nothing_as_another(): void
    {
        $this->signIn();
        session()->put(Auth::guard('web')->getName(), $this->person('kit')->id);

        $this->whoAsks()->get('/')->assertRedirect('/sign-in');
        self::assertIsString(session(SignedInPeople::KEY));
    }

    public function test_who_is_disabled_or_gone_is_told_so_once_the_password_is_right(): void
    {
        $this->person('ada')->update(['ends_on' => '2026-06-01']);

        $this->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => self::$password])->assertSessionHasErrors(['email' => __('signin.ended')]);
        $this->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => 'wrong'])->assertSessionHasErrors(['email' => __('signin.wrong')]);
        $this->assertGuest();
    }

    public function test_enabled_again_the_person_signs_in_again_and_the_audit_trail_says_so(): void
    {
        Artisan::call('moss:access', ['act' => 'disable', 'person' => 'ada']);
        Artisan::call('moss:access', ['act' => 'enable', 'person' => 'ada']);
        $this->signIn();

        $this->whoAsks()->get('/week/2026-W25')->assertOk();
        self::assertSame(['disable', 'enable', 'sign in'], DB::table('audit_trail')->where('subject', 'access')->orderBy('id')->pluck('act')->all());
        self::assertSame(1, Artisan::call('moss:access', ['act' => 'delete', 'person' => 'ada']));
        self::assertSame(1, Artisan::call('moss:access', ['act' => 'disable', 'person' => 'zoe']));
    }

    public function test_a_long_password_counts_to_its_last_character(): void
    {
        $this->person('ada')->update(['password' => str_repeat('long ', 20).'A']);

        $this->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => str_repeat('long ', 20).'B'])->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => str_repeat('long ', 20).'A'])->assertRedirect('/');
    }
}
