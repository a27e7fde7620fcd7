<?php

declare(strict_types=1);

namespace Tests\App\Passwords;

use App\Models\Message;
use App\Models\OutboxMail;
use App\Models\PasswordLink;
use App\Models\SignIn;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Tests\App\Lighthouse;
use Tests\App\SignIn\SignsIn;
use Tests\App\TestCase;

/** Invitations and forgotten passwords. */
final class PasswordLinksTest extends TestCase
{
    use SignsIn;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
    }

    public function test_somebody_invited_sets_a_password_and_is_signed_in(): void
    {
        $this->actingAs($this->person('kit'))->post('/office/accounts/invitations', ['people' => ['ada', 'bo']])->assertSessionHas('message', '2 people are being invited by email.');
        $link = $this->linkTo('ada');
        $this->elsewhere();

        self::assertSame('Ada Moor', $this->given($link)->text('link.name'));
        $this->post($link, ['password' => self::$password])->assertRedirect('/')->assertSessionHas('message', 'Your password is set.');

        $this->whoAsks()->get('/week/2026-W25')->assertOk();
        self::assertSame(['invite', 'invite', 'send password link', 'send password link', 'set password', 'sign in'], self::accessActs());
        self::assertStringStartsWith('$argon2id$', (string) $this->person('ada')->password);
    }

    public function test_a_link_works_once(): void
    {
        $link = $this->forgotten('ada');
        $this->elsewhere()->post($link, ['password' => self::$password])->assertRedirect('/');

        $this->elsewhere();
        self::assertNull($this->given($link)->textOrNull('link.name'));
        $this->post($link, ['password' => 'eleven otters asleep'])->assertSessionHasErrors(['password' => __('passwords.link_over')]);
        self::assertTrue(Hash::check(self::$password, (string) $this->person('ada')->password));
    }

    public function test_a_link_works_for_an_hour(): void
    {
        $link = $this->forgotten('ada');
        $this->travel(59)->minutes();
        self::assertSame('Ada Moor', $this->elsewhere()->given($link)->text('link.name'));
        $this->travel(1)->minutes();

        $this->elsewhere()->post($link, ['password' => self::$password])->assertSessionHasErrors('password');
        self::assertNull($this->person('ada')->password);
    }

    public function test_a_newer_link_and_another_password_make_a_link_worthless(): void
    {
        $first = $this->forgotten('ada');
        $second = $this->forgotten('ada');
        self::assertNotSame($first, $second);
        $this->elsewhere()->post($first, ['password' => self::$password])->assertSessionHasErrors('password');
        $this->elsewhere()->post($second, ['password' => self::$password])->assertRedirect('/');
        self::assertSame(0, PasswordLink::query()->whereNull('used_at')->count());
    }

    public function test_a_password_that_is_not_good_enough_uses_nothing_up(): void
    {
        $link = $this->forgotten('ada');
        $this->elsewhere()->post($link, ['password' => 'short'])->assertSessionHasErrors(['password' => 'Choose a password of at least 12 characters; this one has 5.']);
        $this->post($link, ['password' => ''])->assertSessionHasErrors(['password' => __('passwords.missing')]);
        $this->post($link, ['password' => self::$password])->assertRedirect('/');
    }

    public function test_nothing_is_said_about_who_exists(): void
    {
        $this->person('bo')->update(['ends_on' => '2026-06-01']);
        foreach (['ada', 'bo', 'nobody'] as $code) {
            $this->post('/password/forgotten', ['email' => strtoupper($code).'@lighthouse.example'])->assertRedirect('/sign-in')->assertSessionHas('message', __('passwords.sent'));
        }
        self::assertSame(['ada@lighthouse.example'], OutboxMail::query()->pluck('recipient')->all());
        $this->post('/password/forgotten', ['email' => 'ada'])->assertSessionHasErrors(['email' => __('signin.email')]);
    }

    public function test_nobody_is_mailed_more_than_three_links_an_hour_and_no_network_address_asks_for_more_than_twenty(): void
    {
        foreach (array_fill(0, 20, 'ada@lighthouse.example') as $email) {
            $this->post('/password/forgotten', ['email' => $email])->assertRedirect('/sign-in');
        }
        self::assertSame(3, OutboxMail::query()->count());
        $this->post('/password/forgotten', ['email' => 'mo@lighthouse.example'])->assertSessionHasErrors('email');
        $this->travel(61)->minutes();
        $this->post('/password/forgotten', ['email' => 'ada@lighthouse.example'])->assertRedirect('/sign-in');
        self::assertSame(4, OutboxMail::query()->count());
    }

    public function test_a_new_password_ends_all_sign_ins_and_the_person_is_told(): void
    {
        $this->person('ada')->update(['password' => 'eleven otters asleep']);
        $this->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => 'eleven otters asleep'])->assertRedirect('/');
        $before = session()->all();
        $link = $this->forgotten('ada');

        $this->elsewhere()->post($link, ['password' => self::$password])->assertRedirect('/');

        self::assertSame(1, SignIn::query()->count());
        $this->withSession($before)->whoAsks()->get('/')->assertRedirect('/sign-in');
        self::assertSame(1, Message::query()->where('person_id', $this->person('ada')->id)->where('kind', 'sign-in changed')->count());
    }

    public function test_what_is_stored_opens_nothing(): void
    {
        $link = $this->forgotten('ada');
        $token = basename($link);

        self::assertSame(hash('sha256', $token), PasswordLink::query()->sole()->token_hash);
        self::assertNull($this->given('/password/set/'.PasswordLink::query()->sole()->token_hash)->textOrNull('link.name'));
    }

    public function test_a_link_still_asks_for_the_second_factor(): void
    {
        $this->person('ada')->update(['password' => self::$password]);
        $this->signIn();
        $this->setUpFactor();
        $link = $this->forgotten('ada');

        $this->elsewhere()->post($link, ['password' => 'eleven otters asleep'])->assertRedirect('/sign-in/code');
        $this->whoAsks()->get('/')->assertRedirect('/sign-in');
    }

    public function test_the_office_reads_only_first_invitations_of_others_in_the_outbox(): void
    {
        $this->actingAs($this->person('kit'))->post('/office/accounts/invitations', ['people' => ['ada']])->assertSessionHas('message');
        $invitation = self::lastId('outbox_mails');
        $this->forgotten('bo');
        $forgotten = self::lastId('outbox_mails');
        $this->elsewhere()->actingAs($this->person('kit'));

        self::assertStringContainsString('/password/set/', (string) $this->get("/outbox/$invitation")->getContent());
        self::assertStringContainsString('/password/set/', $this->given("/outbox?mail=$invitation")->text('outbox.open.text'));
        self::assertStringNotContainsString('/password/set/', (string) $this->get("/outbox/$forgotten")->getContent());
        self::assertStringNotContainsString('/password/set/', $this->given("/outbox?mail=$forgotten")->text('outbox.open.text'));

        $this->person('ada')->update(['password' => self::$password]);
        self::assertStringNotContainsString('/password/set/', (string) $this->get("/outbox/$invitation")->getContent());
    }

    public function test_an_operator_invites_at_the_command_line(): void
    {
        self::assertSame(0, Artisan::call('moss:invite', ['person' => 'ada@lighthouse.example']));
        self::assertSame(1, preg_match('~(/password/set/\S+)~', Artisan::output(), $found));

        $this->post($found[1] ?? '', ['password' => self::$password])->assertRedirect('/');
        self::assertSame(1, Artisan::call('moss:invite', ['person' => 'nobody']));
    }

    /** Asks for a link as somebody who has forgotten their password, and reads their mail. */
    private function forgotten(string $code): string
    {
        $this->elsewhere()->post('/password/forgotten', ['email' => "$code@lighthouse.example"])->assertRedirect('/sign-in');

        return $this->linkTo($code);
    }

    private function linkTo(string $code): string
    {
        $mail = OutboxMail::query()->where('recipient', "$code@lighthouse.example")->orderByDesc('id')->firstOrFail();
        $link = '/password/set/'.strtok(Str::after($mail->text, '/password/set/'), "\n");
        self::assertMatchesRegularExpression('~^/password/set/[\w-]{43}$~', $link);
        self::assertStringContainsString($link, $mail->html);

        return $link;
    }
}
