<?php

declare(strict_types=1);

namespace Tests\App\Accounts;

use App\Models\Organisation;
use App\Models\OutboxMail;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Tests\App\Lighthouse;
use Tests\App\SignIn\SignsIn;
use Tests\App\TestCase;

/** The office keeps everybody's accounts. */
final class AccountsPageTest extends TestCase
{
    use SignsIn;

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('kit'));
    }

    public function test_it_says_who_can_sign_in_and_who_cannot(): void
    {
        $this->person('ada')->update(['password' => self::$password]);
        $this->person('bo')->update(['ends_on' => '2026-06-16']);
        $this->person('mo')->update(['disabled_at' => '2026-06-01T08:00:00Z']);
        $this->post('/office/accounts/invitations', ['people' => ['vic']]);

        $given = $this->given('/office/accounts');
        self::assertSame(
            ['ada' => 'active', 'bo' => 'left', 'kit' => 'not invited', 'lee' => 'not invited', 'mo' => 'disabled', 'vic' => 'invited'],
            array_column(array_map(static fn ($row): array => [$row->text('code'), $row->text('state')], $given->rows('accounts.rows')), 1, 0),
        );
        self::assertSame([4, 3], [$given->int('accounts.people'), $given->int('accounts.withoutPassword')]);
        self::assertSame(['vic'], self::each($this->given('/office/accounts?search=vic@')->value('accounts.rows'), 'code'));
        self::assertSame(['kit', 'lee', 'vic'], self::each($this->given('/office/accounts?state=no+password')->value('accounts.rows'), 'code'));
        self::assertSame(['mo'], self::each($this->given('/office/accounts?state=disabled')->value('accounts.rows'), 'code'));

        $this->travel(2)->hours();
        self::assertSame('invitation expired', $this->given('/office/accounts?search=vic')->text('accounts.rows.0.state'));
    }

    public function test_only_those_without_a_password_are_invited_and_again_if_need_be(): void
    {
        $this->person('ada')->update(['password' => self::$password]);
        $this->post('/office/accounts/invitations', ['people' => ['ada', 'mo', 'nobody']])->assertSessionHas('message', 'One person is being invited by email.');
        $this->post('/office/accounts/invitations', ['people' => ['mo']])->assertSessionHas('message');
        $this->post('/office/accounts/invitations', ['people' => ['ada']])->assertSessionHas('refusal', __('accounts.nobody_invited'));
        $this->post('/office/accounts/invitations', ['people' => []])->assertSessionHasErrors(['people' => __('accounts.whom')]);

        self::assertSame(['mo@lighthouse.example', 'mo@lighthouse.example'], OutboxMail::query()->pluck('recipient')->all());
    }

    public function test_the_office_disables_enables_and_signs_out(): void
    {
        $this->person('ada')->update(['password' => self::$password]);
        $this->elsewhere();
        $this->signIn();
        $ada = session()->all();

        $this->asOffice()->delete('/office/accounts/ada/sign-ins')->assertSessionHas('message', 'Ada Moor has been signed out everywhere.');
        $this->elsewhere()->withSession($ada)->get('/week/2026-W25')->assertRedirect('/sign-in');
        $this->asOffice()->put('/office/accounts/ada/disabled')->assertSessionHas('message', 'Ada Moor can no longer sign in, and has been signed out everywhere.');
        $this->elsewhere()->post('/sign-in', ['email' => 'ada@lighthouse.example', 'password' => self::$password])->assertSessionHasErrors(['email' => __('signin.ended')]);
        $this->asOffice()->delete('/office/accounts/ada/disabled')->assertSessionHas('message', 'Ada Moor can sign in again.');
        $this->elsewhere();
        $this->signIn();

        $told = DB::table('audit_trail')->where('subject', 'access')->where('name', 'ada')->whereIn('act', ['end sign-ins', 'disable', 'enable'])->orderBy('id')->pluck('actor_id', 'act')->all();
        $kit = $this->person('kit')->id;
        self::assertSame(['end sign-ins' => $kit, 'disable' => $kit, 'enable' => $kit], $told);
    }

    public function test_nobody_of_the_office_shuts_themselves_out(): void
    {
        foreach ([['put', 'disabled'], ['delete', 'disabled'], ['delete', 'sign-ins'], ['delete', 'second-factor']] as [$method, $what]) {
            $this->{$method}("/office/accounts/kit/$what")->assertSessionHas('refusal', __('accounts.own'));
        }
        self::assertNull($this->person('kit')->disabled_at);
    }

    public function test_settings_are_saved_told_and_checked(): void
    {
        $this->put('/office/accounts/second-factor', ['access' => ['office', 'manager']])->assertSessionHas('message', __('accounts.factor_set'));
        $this->put('/office/accounts/second-factor', ['access' => ['king']])->assertSessionHasErrors('access.0');
        $this->put('/office/accounts/single-sign-on', ['addsPeople' => true])->assertSessionHas('message', __('accounts.sso_adds'));
        $this->put('/office/accounts/single-sign-on', [])->assertSessionHasErrors('addsPeople');

        $organisation = Organisation::query()->sole();
        self::assertEqualsCanonicalizing(['office', 'manager'], $organisation->factor_access);
        self::assertTrue($organisation->single_sign_on_adds_people);
        self::assertSame(2, DB::table('audit_trail')->where('subject', 'setting')->whereIn('name', ['second factor', 'single sign-on'])->count());
        self::assertEqualsCanonicalizing(['kit', 'lee', 'mo'], self::each($this->asOffice()->given('/office/accounts?state=no+second+factor')->value('accounts.rows'), 'code'));
    }

    public function test_five_thousand_accounts_are_a_page_of_fifty_in_as_many_queries_as_five(): void
    {
        $few = $this->queriesOf(fn () => $this->get('/office/accounts')->assertOk());
        foreach (range(1, 120) as $number) {
            Person::query()->create(['code' => "p$number", 'name' => sprintf('Person %03d', $number), 'email' => "p$number@lighthouse.example", 'access' => 'member']);
        }

        self::assertSame($few, $this->queriesOf(fn () => $this->get('/office/accounts')->assertOk()));
        self::assertSame(['Person 046', 'Person 095', 50, 3], (static fn ($given): array => [$given->text('accounts.rows.0.name'), $given->text('accounts.rows.49.name'), count($given->rows('accounts.rows')), $given->int('accounts.pages')])($this->given('/office/accounts?page=2')));
    }

    private function asOffice(): self
    {
        $this->elsewhere();

        return $this->actingAs($this->person('kit'));
    }
}
