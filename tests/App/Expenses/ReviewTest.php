<?php

declare(strict_types=1);

namespace Tests\App\Expenses;

use App\Approval\RouteWaitingEntries;
use App\Models\AuditTrailRow;
use App\Models\Expense;
use App\Models\Message;
use App\Models\Person;
use App\Models\Project;
use App\Models\StandIn;
use Illuminate\Testing\TestResponse;
use Moss\Core\Sheet\EntryState;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\TestCase;

/** Expenses of ada that wait for lee, her line manager. */
final class ReviewTest extends TestCase
{
    use ExpensesHouse {
        setUp as setUpHouse;
    }

    protected function setUp(): void
    {
        $this->setUpHouse();
        Project::query()->update(['approval' => 'line']);
    }

    public function test_the_desk_shows_what_waits_with_what_it_costs_each_project(): void
    {
        $this->submitted();
        $desk = $this->actingAs($this->person('lee'))->given('/review');

        self::assertSame(['ada 2026-W25'], self::each($desk->value('review.expenses'), 'key'));
        self::assertSame(['11.90', '100.00'], self::each($desk->value('review.expenses.0.expenses'), 'gross'));
        self::assertSame([['project' => 'LENS', 'cents' => 1190 + 10500]], $desk->value('review.expenses.0.projects'));
        self::assertSame(2, $desk->value('signedIn.waiting'));
        self::assertSame(['LENS'], array_column((array) $this->getJson('/review/effect?projects=LENS,OLD')->json(), 'code'));
        self::assertSame([], $this->actingAs($this->person('mo'))->given('/review')->value('review.expenses'), 'it is not her turn');
        self::assertSame([], $this->actingAs($this->person('ada'))->given('/review')->value('review.expenses'), 'nor that of whoever spent it');
    }

    public function test_wherever_decisions_are_counted_they_count(): void
    {
        $this->submitted();
        self::assertSame([0, 2], array_map($this->actingAs($this->person('lee'))->given('/')->int(...), ['waiting.entries', 'waiting.expenses']));

        Expense::query()->update(['approver_id' => null]);
        self::assertSame([0, 2], array_map($this->actingAs($this->person('kit'))->given('/office')->int(...), ['needs.entries', 'needs.expenses']));
    }

    public function test_the_desk_narrows_them_down_like_entries(): void
    {
        $this->submitted();
        Expense::query()->update(['needs_attention' => false]);
        Expense::query()->orderBy('id')->firstOrFail()->update(['needs_attention' => true]);
        $this->actingAs($this->person('lee'));
        $counts = fn (string $filter): array => array_map($this->given('/review?'.$filter)->int(...), ['review.expenseCount', 'review.expensesNeedingAttention']);

        self::assertSame([2, 1], $counts('search=moor'));
        self::assertSame([0, 0], $counts('search=nobody'));
        self::assertSame([1, 1], $counts('show=attention'));
        self::assertSame([1, 0], $counts('show=in order'));
    }

    public function test_the_desk_shows_the_oldest_of_many_and_counts_all(): void
    {
        $this->submitted();
        $expense = Expense::query()->firstOrFail();
        for ($more = 0; $more < 199; $more++) {
            $expense->replicate()->fill(['code' => "more-$more"])->save();
        }
        $desk = $this->actingAs($this->person('lee'))->given('/review');

        self::assertSame([201, 200], [$desk->int('review.expenseCount'), count($desk->rows('review.expenses.0.expenses'))]);
    }

    public function test_they_are_approved_once_by_whose_turn_it_is(): void
    {
        $seen = $this->submitted();
        $this->decide('bo', 'approve', $seen)->assertSessionHas('refusal');
        $this->decide('ada', 'approve', $seen)->assertSessionHas('refusal');
        self::assertSame(0, Expense::query()->where('state', 'approved')->count());

        $this->decide('lee', 'approve', $seen)->assertSessionHas('message', '2 expenses approved.');
        $this->decide('lee', 'approve', $seen)->assertSessionHas('message', 'Nothing was decided.');
        self::assertSame([EntryState::Approved, EntryState::Approved], Expense::query()->get()->map(static fn (Expense $one): EntryState => $one->state)->all());
        self::assertContains('Lee Tor approved your expenses in week 25.', self::each($this->actingAs($this->person('ada'))->given('/messages')->value('messages.messages'), 'text'));
        self::assertSame(2, AuditTrailRow::query()->where('subject', 'expense')->where('act', 'approve')->count());
    }

    public function test_they_are_returned_with_a_comment_and_change_by_nobody_unseen(): void
    {
        $seen = $this->submitted();
        $this->decide('lee', 'return', $seen)->assertSessionHas('refusal');
        $this->decide('lee', 'return', array_map(static fn (int $version): int => $version - 1, $seen), 'Which boat?')->assertSessionHas('refusal');
        self::assertSame(2, Expense::query()->where('state', 'submitted')->count());

        $this->decide('lee', 'return', $seen, 'Which boat?')->assertSessionHas('message', '2 expenses returned.');
        $page = $this->actingAs($this->person('ada'))->given('/people/ada/expenses/2026-W25');
        self::assertSame(['Which boat?', 'Which boat?'], self::each($page->value('expenses.expenses'), 'returnComment'));
        self::assertSame(1, Message::query()->where('person_id', $this->person('ada')->id)->where('kind', 'expenses returned')->count());
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHasNoErrors();
        self::assertSame(2, Expense::query()->where('state', 'submitted')->whereNull('return_comment')->count());
    }

    public function test_two_steps_and_stand_ins_are_as_with_time(): void
    {
        Project::query()->update(['approval' => 'project+line']);
        $seen = $this->submitted();
        StandIn::query()->create(['person_id' => $this->person('mo')->id, 'stand_in_id' => $this->person('bo')->id, 'starts_on' => '2026-06-16', 'ends_on' => '2026-06-18']);
        $this->decide('bo', 'approve', $seen)->assertSessionHas('message');
        $expense = Expense::query()->firstOrFail();
        self::assertSame([EntryState::Submitted, 1, $this->person('lee')->id], [$expense->state, $expense->approvals, $expense->approver_id]);
        $this->actingAs($this->person('ada'))->delete('/people/ada/expenses/2026-W25/submission')->assertSessionHas('message', 'Nothing to take back.');

        $this->decide('lee', 'approve', array_map(static fn (int $version): int => $version + 1, $seen))->assertSessionHas('message', '2 expenses approved.');
        self::assertSame(2, Expense::query()->where('state', 'approved')->count());
    }

    public function test_they_follow_a_new_manager_and_a_new_route(): void
    {
        $this->submitted();
        $this->person('ada')->update(['manager_id' => $this->person('mo')->id]);
        $this->app->make(RouteWaitingEntries::class)->handle(people: [$this->person('ada')->id]);
        self::assertSame([$this->person('mo')->id], Expense::query()->distinct()->pluck('approver_id')->all());

        Project::query()->update(['approval' => 'project']);
        $this->task('FIT')->project()->firstOrFail()->update(['manager_id' => $this->person('kit')->id]);
        $this->app->make(RouteWaitingEntries::class)->handle($this->task('FIT')->project_id);
        self::assertSame(2, Expense::query()->where('approver_id', $this->person('kit')->id)->count());
    }

    public function test_the_week_says_that_expenses_are_not_submitted(): void
    {
        $this->add();
        $this->add(['date' => '2026-06-22']);
        self::assertSame(1, $this->getJson('/people/ada/days/2026-W25/submission')->assertOk()->json('openExpenses'));
    }

    public function test_a_correction_reverses_what_it_corrects_once_it_is_approved(): void
    {
        $this->decide('lee', 'approve', $this->submitted());
        $expense = Expense::query()->firstOrFail();
        $this->actingAs($this->person('ada'))->post("/people/ada/expenses/$expense->id/correction");
        $correction = Expense::query()->where('corrects_id', $expense->id)->sole();
        $this->put("/people/ada/expenses/$correction->id", $this->meal(['amount' => '10']));
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHasNoErrors();
        self::assertSame(0, Expense::query()->where('reverses', true)->count());
        $waiting = $this->actingAs($this->person('lee'))->given('/review')->value('review.expenses.0.projects');
        self::assertSame([['project' => 'LENS', 'cents' => 1000 - 1190]], $waiting, 'approving it takes away what it corrects');
        $this->decide('lee', 'approve', [$correction->id => $correction->refresh()->version]);

        self::assertSame(-1190, Expense::query()->where('reverses', true)->where('state', 'approved')->sole()->gross_minor);
        self::assertSame(1000 + 10500, (int) Expense::query()->sum('cost_cents'));
    }

    public function test_a_decision_is_undone_until_somebody_acts_on_it(): void
    {
        $seen = $this->submitted();
        $this->decide('lee', 'return', $seen, 'Which boat?')->assertSessionHas('undo', '/review/expenses/1');
        $desk = $this->given('/review');
        self::assertSame([2, ['Ada Moor'], true], [$desk->int('review.expenseDecisions.0.expenses'), $desk->value('review.expenseDecisions.0.people'), $desk->value('review.expenseDecisions.0.canBeUndone')]);
        $this->actingAs($this->person('mo'))->delete('/review/expenses/1')->assertSessionHas('refusal');
        $lee = $this->actingAs($this->person('lee'));
        $lee->delete('/review/expenses/1')->assertSessionHas('message', 'Undone: 2 expenses waiting again.');
        $lee->delete('/review/expenses/1')->assertSessionHas('message', 'This was already undone.');
        self::assertSame([[$this->person('lee')->id], ['submitted'], 0], [Expense::query()->distinct()->pluck('approver_id')->all(), Expense::query()->toBase()->distinct()->pluck('state')->all(), Message::query()->where('kind', 'expenses returned')->count()]);

        $again = array_map(static fn (int $version): int => $version + 2, $seen);
        $this->decide('lee', 'approve', $again);
        Expense::query()->firstOrFail()->increment('version');
        $this->delete('/review/expenses/2')->assertSessionHas('refusal', __('refusals.act.acted_on'));
        self::assertSame([2, false], [Expense::query()->where('state', 'approved')->count(), $this->given('/review')->value('review.expenseDecisions.0.canBeUndone')]);
    }

    public function test_undoing_the_approval_of_a_correction_takes_its_reversal_back(): void
    {
        $this->decide('lee', 'approve', $this->submitted());
        $expense = Expense::query()->firstOrFail();
        $this->actingAs($this->person('ada'))->post("/people/ada/expenses/$expense->id/correction");
        $correction = Expense::query()->where('corrects_id', $expense->id)->sole();
        $this->put("/people/ada/expenses/$correction->id", $this->meal(['amount' => '10']));
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHasNoErrors();
        $this->decide('lee', 'approve', [$correction->id => $correction->refresh()->version]);
        self::assertSame(1, Expense::query()->where('reverses', true)->count());
        $this->delete('/review/expenses/2')->assertSessionHas('message', 'Undone: one expense waiting again.');
        self::assertSame([0, EntryState::Submitted], [Expense::query()->where('reverses', true)->count(), $correction->refresh()->state]);

        // Once the reversal is settled, it stays.
        $this->decide('lee', 'approve', [$correction->id => $correction->version]);
        Expense::query()->where('reverses', true)->update(['state' => 'settled']);
        $this->delete('/review/expenses/3')->assertSessionHas('refusal', __('refusals.act.acted_on'));
        self::assertSame(1, Expense::query()->where('reverses', true)->count());
    }

    /** @return array<int, int> version by expense */
    private function submitted(): array
    {
        $this->add();
        $this->add(['currency' => 'CHF', 'amount' => '100', 'explanation' => 'No receipt on board.']);
        $this->post('/people/ada/expenses/2026-W25/submission')->assertSessionHasNoErrors();
        $seen = [];
        foreach (Expense::query()->get() as $expense) {
            $seen[$expense->id] = $expense->version;
        }

        return $seen;
    }

    /**
     * @param  array<int, int>  $seen
     * @return TestResponse<Response>
     */
    private function decide(string $person, string $decision, array $seen, string $comment = ''): TestResponse
    {
        return $this->actingAs(Person::query()->where('code', $person)->sole())->post('/review/expenses', ['decision' => $decision, 'comment' => $comment, 'entries' => array_map(static fn (int $id, int $version): array => ['id' => $id, 'version' => $version], array_keys($seen), $seen)]);
    }
}
