<?php

declare(strict_types=1);

namespace Tests\App\Account;

use App\Models\SignIn;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\SignIn\SignsIn;
use Tests\App\TestCase;

/** How somebody signs in, and where. */
final class AccountPageTest extends TestCase
{
    use SignsIn;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->person('ada')->update(['password' => self::$password]);
    }

    public function test_it_lists_the_browsers_in_which_somebody_is_signed_in(): void
    {
        $this->withHeader('User-Agent', 'Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0');
        $this->signIn();
        $this->elsewhere()->withHeader('User-Agent', 'Mozilla/5.0 (iPhone; CPU iPhone OS 18_5 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/18.5 Mobile/15E148 Safari/604.1');
        $this->signIn();

        $rows = $this->whoAsks()->given('/account')->rows('account.signIns');
        self::assertSame([['Safari · iPhone', true, 'password'], ['Firefox · Linux', false, 'password']], array_map(static fn ($row): array => [$row->text('browser'), $row->value('isThis'), $row->text('method')], $rows));
    }

    public function test_one_other_browser_or_all_are_signed_out(): void
    {
        $sessions = [];
        while (count($sessions) < 3) {
            $this->elsewhere();
            $this->signIn();
            $sessions[] = session()->all();
        }
        $first = SignIn::query()->orderBy('id')->firstOrFail()->id;

        $this->whoAsks()->delete("/account/sign-ins/$first")->assertRedirect('/account')->assertSessionHas('message', __('signin.ended_one'));
        $this->elsewhere()->withSession($sessions[0])->get('/account')->assertRedirect('/sign-in');
        $this->elsewhere()->withSession($sessions[1])->get('/account')->assertOk();
        $this->elsewhere()->withSession($sessions[2])->delete('/account/sign-ins')->assertSessionHas('message', __('signin.ended_others'));
        $this->elsewhere()->withSession($sessions[1])->get('/account')->assertRedirect('/sign-in');
        $this->elsewhere()->withSession($sessions[2])->get('/account')->assertOk();
    }

    public function test_nobody_ends_the_sign_ins_of_others(): void
    {
        $this->person('mo')->update(['password' => self::$password]);
        $this->signIn('mo');
        $others = SignIn::query()->sole()->id;
        $this->elsewhere();
        $this->signIn();

        $this->whoAsks()->delete("/account/sign-ins/$others")->assertRedirect('/account');
        $this->whoAsks()->delete('/account/sign-ins')->assertRedirect('/account');
        self::assertTrue(SignIn::query()->whereKey($others)->exists());
    }

    public function test_changing_a_password_ends_all_other_sign_ins_and_begins_this_one_anew(): void
    {
        $this->signIn();
        $elsewhere = session()->all();
        $this->elsewhere();
        $this->signIn();
        $before = session()->getId();

        $this->whoAsks()->put('/account/password', ['current_password' => self::$password, 'password' => 'eleven otters asleep'])->assertRedirect('/account')->assertSessionHas('message', __('passwords.changed'));

        self::assertNotSame($before, session()->getId());
        $this->whoAsks()->get('/account')->assertOk();
        $this->elsewhere()->withSession($elsewhere)->get('/account')->assertRedirect('/sign-in');
        self::assertTrue(Hash::check('eleven otters asleep', (string) $this->person('ada')->password));
    }

    #[TestWith(['wrong', 'eleven otters asleep', 'current_password', 'The password is wrong. Enter the one that you sign in with.'])]
    #[TestWith(['seven herons at low water', 'short', 'password', 'Choose a password of at least 12 characters; this one has 5.'])]
    #[TestWith(['', 'eleven otters asleep', 'current_password', 'Enter your current password.'])]
    #[TestWith(['seven herons at low water', '', 'password', 'Enter a new password.'])]
    public function test_a_password_is_not_changed_without_the_current_one_or_to_a_bad_one(string $current, string $new, string $field, string $fault): void
    {
        $this->signIn();
        $this->whoAsks()->put('/account/password', ['current_password' => $current, 'password' => $new])->assertSessionHasErrors([$field => $fault]);
        self::assertTrue(Hash::check(self::$password, (string) $this->person('ada')->password));
    }

    public function test_the_current_password_cannot_be_guessed_without_limit(): void
    {
        $this->signIn();
        foreach (range(1, 5) as $attempt) {
            $this->whoAsks()->put('/account/password', ['current_password' => "wrong $attempt", 'password' => 'eleven otters asleep'])->assertSessionHasErrors('current_password');
        }
        $this->whoAsks()->post('/account/confirmation', ['password' => self::$password])->assertSessionHasErrors('confirmation');
        $this->whoAsks()->put('/account/password', ['current_password' => self::$password, 'password' => 'eleven otters asleep'])->assertSessionHasErrors('current_password');
        self::assertTrue(Hash::check(self::$password, (string) $this->person('ada')->password));
    }

    public function test_a_quarter_of_an_hour_after_signing_in_the_password_is_asked_for_before_anything_changes(): void
    {
        $this->signIn();
        $this->travel(14)->minutes();
        $this->whoAsks()->get('/account/second-factor')->assertOk();
        $this->travel(2)->minutes();
        foreach ([['get', '/account/second-factor'], ['post', '/account/second-factor'], ['delete', '/account/second-factor'], ['post', '/account/recovery-codes'], ['delete', '/account/sign-ins'], ['delete', '/account/sign-ins/1']] as [$method, $address]) {
            $this->whoAsks()->{$method}($address)->assertRedirect('/account')->assertSessionHas('refusal', __('signin.confirm_first'));
        }
        self::assertFalse($this->whoAsks()->given('/account')->value('account.isConfirmed'));

        $this->whoAsks()->post('/account/confirmation', ['password' => 'wrong'])->assertSessionHasErrors(['confirmation' => __('signin.wrong_password')]);
        $this->whoAsks()->post('/account/confirmation', ['password' => self::$password])->assertSessionHas('message', __('signin.confirmed'));
        $this->whoAsks()->get('/account/second-factor')->assertOk();
    }

    public function test_a_sign_in_ends_after_seven_days_however_much_it_is_used(): void
    {
        $this->signIn();
        foreach (range(18, 23) as $day) {
            $this->itIs("2026-06-$day");
            $this->whoAsks()->get('/account')->assertOk();
        }
        $this->itIs('2026-06-25');
        $this->whoAsks()->get('/account')->assertRedirect('/sign-in');
    }
}
