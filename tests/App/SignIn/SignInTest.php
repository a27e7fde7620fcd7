<?php

declare(strict_types=1);

namespace Tests\App\SignIn;

use App\Features\SignIn\Actions\AttemptLimits;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Testing\PendingCommand;
use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class SignInTest extends TestCase
{
    private const PASSWORD = 'a long enough word';

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->person('ada')->update(['password' => self::PASSWORD]);
    }

    public function test_the_right_password_signs_in_with_a_new_session_and_out_again(): void
    {
        $this->get('/sign-in')->assertOk();
        $before = session()->getId();
        $this->post('/sign-in', ['email' => 'ADA@lighthouse.example', 'password' => self::PASSWORD])->assertRedirect('/');

        $this->assertAuthenticatedAs($this->person('ada'));
        self::assertNotSame($before, session()->getId());
        $this->get('/')->assertRedirect('/week/2026-W25');
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->assertGuest();
    }

    public function test_a_wrong_password_an_unknown_address_and_a_person_without_a_password_are_told_the_same(): void
    {
        foreach ([['ada@lighthouse.example', 'wrong'], ['nobody@lighthouse.example', self::PASSWORD], ['mo@lighthouse.example', '']] as [$email, $password]) {
            $this->post('/sign-in', ['email' => $email, 'password' => $password === '' ? 'x' : $password])->assertSessionHasErrors(['email' => __('signin.wrong')]);
        }
        $this->assertGuest();
    }

    public function test_missing_explanations_are_asked_for(): void
    {
        $this->post('/sign-in', ['email' => 'ada'])->assertSessionHasErrors(['email' => __('signin.email'), 'password' => __('signin.password')]);
    }

    public function test_a_sixth_attempt_within_a_minute_has_to_wait_even_with_the_right_password(): void
    {
        $this->freezeSecond();
        foreach (range(1, 5) as $attempt) {
            $this->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => 'wrong '.$attempt]);
        }
        $this->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => self::PASSWORD])
            ->assertSessionHasErrors(['email' => 'Too many attempts. Try again in 60 seconds.']);

        $this->assertGuest();
        $this->travel(61)->seconds();
        $this->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => self::PASSWORD])->assertRedirect('/');
    }

    public function test_many_peoples_addresses_tried_from_one_place_are_counted_together(): void
    {
        RateLimiter::increment('sign-in-from:127.0.0.1', 60, 29);
        $this->post('/sign-in', ['email' => 'nobody@lighthouse.example', 'password' => 'wrong'])->assertSessionHasErrors(['email' => __('signin.wrong')]);
        $this->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => self::PASSWORD])->assertSessionHasErrors();

        $this->assertGuest();
    }

    public function test_one_account_is_not_tried_from_many_places(): void
    {
        foreach (range(1, 15) as $attempt) {
            $this->call('POST', '/sign-in', ['email' => 'ada@lighthouse.example', 'password' => 'wrong'], server: ['REMOTE_ADDR' => '10.0.0.'.$attempt])->assertSessionHasErrors(['email' => __('signin.wrong')]);
        }
        $this->call('POST', '/sign-in', ['email' => 'ada@lighthouse.example', 'password' => self::PASSWORD], server: ['REMOTE_ADDR' => '10.0.0.99'])->assertSessionHasErrors();

        $this->assertGuest();
    }

    public function test_an_attempt_counts_before_its_password_is_looked_at(): void
    {
        for ($attempt = 1; $attempt <= 5; $attempt++) {
            $this->app->make(AttemptLimits::class)->count('ada@lighthouse.example', '127.0.0.1');
        }
        $this->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => self::PASSWORD])->assertSessionHasErrors();

        $this->assertGuest();
    }

    public function test_signing_in_often_with_the_right_password_is_no_attempt(): void
    {
        for ($time = 1; $time <= 40; $time++) {
            $this->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => self::PASSWORD])->assertRedirect('/');
            $this->post('/sign-out');
        }
    }

    public function test_without_the_switch_for_demonstrations_nobody_gets_in_without_a_password(): void
    {
        $this->import(['people.csv' => "person,name,email\nines.calder,Ines,ines@x.example\n"]);

        $this->get('/sign-in')->assertInertia(fn (AssertableInertia $page) => $page->has('page.demoPeople', 0));
        $this->post('/sign-in/demo', ['person' => 'ines.calder'])->assertForbidden();
        $this->assertGuest();
    }

    public function test_a_demonstration_offers_its_people_and_nobody_else(): void
    {
        config(['moss.demo' => true]);
        $this->import(['people.csv' => "person,name,email\nines.calder,Ines,ines@x.example\n"]);

        $this->get('/sign-in')->assertInertia(fn (AssertableInertia $page) => $page->has('page.demoPeople', 1)->where('page.demoPeople.0.name', 'Ines'));
        $this->post('/sign-in/demo', ['person' => 'ada'])->assertForbidden();
        $this->post('/sign-in/demo', ['person' => 'ines.calder'])->assertRedirect('/');
        $this->assertAuthenticatedAs($this->person('ines.calder'));
    }

    public function test_the_office_sets_a_password_by_command(): void
    {
        $this->setPassword('mo', 'short', 'short')->assertFailed();
        $this->setPassword('mo', self::PASSWORD, 'another word')->assertFailed();
        self::assertNull($this->person('mo')->password);
        $this->setPassword('mo@lighthouse.example', self::PASSWORD, self::PASSWORD)->assertSuccessful();
        self::assertTrue(Hash::check(self::PASSWORD, (string) $this->person('mo')->password));
        self::assertSame(1, Artisan::call('moss:password', ['person' => 'zoe']));
    }

    private function setPassword(string $person, string $password, string $again): PendingCommand
    {
        $command = $this->artisan('moss:password', ['person' => $person]);
        self::assertInstanceOf(PendingCommand::class, $command);

        return $command->expectsQuestion('New password', $password)->expectsQuestion('The same again', $again);
    }

    public function test_no_page_runs_a_script_that_is_written_into_it(): void
    {
        $policy = (string) $this->get('/sign-in')->headers->get('Content-Security-Policy');

        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
    }
}
