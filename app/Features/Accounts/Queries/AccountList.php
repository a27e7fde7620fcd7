<?php

declare(strict_types=1);

namespace App\Features\Accounts\Queries;

use App\Features\Accounts\Props\AccountRowProps;
use App\Features\Accounts\Props\AccountsProps;
use App\Features\SignIn\Props\SignInProps;
use App\Features\SignIn\SignedInPeople;
use App\Models\Access;
use App\Models\Identity;
use App\Models\Organisation;
use App\Models\PasswordLink;
use App\Models\PasswordLinkKind;
use App\Models\Person;
use App\Models\SecondFactor;
use App\Models\SignIn;
use App\Support\Clock\Today;
use App\Support\Database\Rows;
use App\Support\Database\TextSearch;
use Illuminate\Database\Query\Builder;

/** Everybody's account, a page at a time, in a fixed number of queries. */
final readonly class AccountList
{
    private const AT_ONCE = 50;

    public function __construct(private Today $today)
    {
    }

    public function page(AccountFilter $filter, int $page): AccountsProps
    {
        $organisation = Organisation::query()->sole();
        $found = $this->filtered($filter, $organisation);
        $count = $found->count();
        $pages = max(1, (int) ceil($count / self::AT_ONCE));
        $page = min($page, $pages);
        $rows = Rows::of(AccountRow::class, $this->withDetails($found->orderBy('people.name')->orderBy('people.id')->forPage($page, self::AT_ONCE)));
        $instant = $this->today->instant()->format('Y-m-d\TH:i:s\Z');

        return new AccountsProps(
            $filter->search, $filter->state,
            $this->working()->count(),
            $this->filtered(new AccountFilter('', 'no password'), $organisation)->count(),
            $this->filtered(new AccountFilter('', 'no second factor'), $organisation)->count(),
            $count,
            array_map(fn (AccountRow $row): AccountRowProps => $this->row($row, $instant), $rows),
            $page,
            $pages,
            array_values(array_filter(Access::cases(), static fn (Access $access): bool => in_array($access->value, $organisation->factor_access, true))),
            SignInProps::singleSignOnName(),
            $organisation->single_sign_on_adds_people,
        );
    }

    /** Who has not left and is not disabled. */
    private function working(): Builder
    {
        return Person::query()->toBase()->whereNull('people.disabled_at')
            ->where(fn (Builder $employed): Builder => $employed->whereNull('people.ends_on')->orWhere('people.ends_on', '>=', $this->today->in('UTC')->toString()));
    }

    private function filtered(AccountFilter $filter, Organisation $organisation): Builder
    {
        $people = match ($filter->state) {
            'no password' => $this->working()->whereNull('people.password'),
            'no second factor' => $this->working()->whereIn('people.access', $organisation->factor_access)
                ->whereNotIn('people.id', SecondFactor::query()->toBase()->whereNotNull('confirmed_at')->select('person_id')),
            'disabled' => Person::query()->toBase()->whereNotNull('people.disabled_at'),
            default => Person::query()->toBase(),
        };

        return TextSearch::narrow($people, $filter->search, ['people.name', 'people.email', 'people.code']);
    }

    private function withDetails(Builder $people): Builder
    {
        $invitation = static fn (string $column): Builder => PasswordLink::query()->toBase()->whereColumn('person_id', 'people.id')->where('kind', PasswordLinkKind::Invitation->value)->orderByDesc('sent_at')->limit(1)->select($column);
        $signIns = fn (): Builder => SignIn::query()->toBase()->whereColumn('person_id', 'people.id')->where('started_at', '>=', SignedInPeople::earliestStart($this->today));

        return $people->select('people.id', 'people.code', 'people.name', 'people.email', 'people.access', 'people.ends_on', 'people.timezone', 'people.disabled_at')
            ->selectRaw('people.password IS NOT NULL AS has_password')
            ->selectSub(Identity::query()->toBase()->whereColumn('person_id', 'people.id')->selectRaw('count(*) > 0'), 'has_identity')
            ->selectSub(SecondFactor::query()->toBase()->whereColumn('person_id', 'people.id')->whereNotNull('confirmed_at')->selectRaw('count(*)'), 'has_factor')
            ->selectSub($invitation('sent_at'), 'invited_at')
            ->selectSub($invitation('expires_at'), 'invitation_expires_at')
            ->selectSub($signIns()->selectRaw('max(last_seen_at)'), 'last_seen_at')
            ->selectSub($signIns()->selectRaw('count(*)'), 'sign_ins');
    }

    private function row(AccountRow $row, string $instant): AccountRowProps
    {
        $state = $row->state($instant, $this->today->in($row->timezone ?? 'UTC'));

        return new AccountRowProps(
            $row->code, $row->name, $row->email, $row->access(), $state, $row->invited_at, $row->last_seen_at, $row->sign_ins, $row->has_factor === 1,
            $row->has_password === 0 && ! in_array($state, [AccountState::Disabled, AccountState::Left], true),
        );
    }
}
