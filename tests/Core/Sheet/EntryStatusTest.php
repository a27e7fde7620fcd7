<?php

declare(strict_types=1);

namespace Tests\Core\Sheet;

use Moss\Core\Review\ApprovalRoute;
use Moss\Core\Review\RouteKind;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\Correction;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;
use Moss\Core\Sheet\Refusal;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EntryStatusTest extends TestCase
{
    /** What each act by its rightful actor makes of each state: the new state, or why not. */
    private const TABLE = [
        'edit' => ['draft' => 'draft', 'returned' => 'returned', 'submitted' => Refusal::WaitsForApproval, 'approved' => Refusal::IsApproved, 'settled' => Refusal::IsSettled],
        'submit' => ['draft' => 'submitted', 'returned' => 'submitted', 'submitted' => 'submitted', 'approved' => 'approved', 'settled' => 'settled'],
        'take back' => ['draft' => 'draft', 'returned' => Refusal::IsDecided, 'submitted' => 'draft', 'approved' => Refusal::IsDecided, 'settled' => Refusal::IsDecided],
        'approve' => ['draft' => Refusal::NotSubmitted, 'returned' => Refusal::NotSubmitted, 'submitted' => 'approved', 'approved' => Refusal::IsDecided, 'settled' => Refusal::IsDecided],
        'return' => ['draft' => Refusal::NotSubmitted, 'returned' => Refusal::NotSubmitted, 'submitted' => 'returned', 'approved' => Refusal::IsDecided, 'settled' => Refusal::IsDecided],
        'correct' => ['draft' => Refusal::NotApproved, 'returned' => Refusal::NotApproved, 'submitted' => Refusal::NotApproved, 'approved' => 'approved', 'settled' => 'settled'],
        'settle' => ['draft' => Refusal::NotApproved, 'returned' => Refusal::NotApproved, 'submitted' => Refusal::NotApproved, 'approved' => 'settled', 'settled' => 'settled'],
    ];

    #[DataProvider('table')]
    public function test_every_act_from_every_state(string $act, EntryState $from, string|Refusal $expected): void
    {
        self::assertSame($expected, self::outcome($act, EntryStatus::of($from), self::rightful($act)));
    }

    /** @return iterable<string, array{string, EntryState, string|Refusal}> */
    public static function table(): iterable
    {
        foreach (self::TABLE as $act => $states) {
            foreach ($states as $from => $expected) {
                yield $act.' from '.$from => [$act, EntryState::from($from), $expected];
            }
        }
    }

    #[DataProvider('strangers')]
    public function test_nobody_else_moves_an_entry(string $act, Actor $actor, Refusal $refusal): void
    {
        $from = match ($act) {
            'edit', 'submit' => EntryState::Draft,
            'correct', 'settle' => EntryState::Approved,
            default => EntryState::Submitted,
        };

        self::assertSame($refusal, self::outcome($act, EntryStatus::of($from), $actor));
    }

    /** @return iterable<string, array{string, Actor, Refusal}> */
    public static function strangers(): iterable
    {
        foreach (['edit', 'submit', 'take back'] as $act) {
            yield $act.' by a stranger' => [$act, new Actor, Refusal::NotYours];
            yield $act.' by the approver' => [$act, new Actor(isInTurn: true), Refusal::NotYours];
            yield $act.' by the office' => [$act, new Actor(isOffice: true), Refusal::NotYours];
        }
        yield 'submit by who may record only' => ['submit', new Actor(mayRecord: true), Refusal::NotYours];
        foreach (['approve', 'return', 'correct'] as $act) {
            yield $act.' by a stranger' => [$act, new Actor, Refusal::NotYourTurn];
            yield $act.' by the office out of turn' => [$act, new Actor(isOffice: true), Refusal::NotYourTurn];
            yield $act.' by the owner' => [$act, new Actor(isOwner: true, isInTurn: true), Refusal::OwnTime];
        }
        yield 'settle by the owner' => ['settle', new Actor(isOwner: true), Refusal::OfficeOnly];
        yield 'settle by the approver' => ['settle', new Actor(isInTurn: true), Refusal::OfficeOnly];
    }

    public function test_who_may_record_for_the_owner_may_edit(): void
    {
        self::assertSame('draft', self::outcome('edit', EntryStatus::of(EntryState::Draft), new Actor(mayRecord: true)));
    }

    public function test_an_empty_route_or_self_approval_approves_at_once(): void
    {
        $owner = new Actor(isOwner: true);
        $route = ApprovalRoute::of(RouteKind::Project, 'ada', 'mo', null);
        $none = ApprovalRoute::of(RouteKind::None, 'ada', 'mo', null);

        self::assertSame(EntryState::Approved, EntryStatus::of(EntryState::Draft)->submitted($owner, $none, false)->state);
        self::assertSame(EntryState::Approved, EntryStatus::of(EntryState::Returned)->submitted($owner, $route, true)->state);
    }

    public function test_two_steps_need_both_and_a_repeated_approval_counts_once(): void
    {
        $route = ApprovalRoute::of(RouteKind::ProjectThenLine, 'ada', 'mo', 'lee');
        $first = EntryStatus::of(EntryState::Submitted)->approved(new Actor(isInTurn: true), $route);

        self::assertEquals(EntryStatus::of(EntryState::Submitted, 1), $first);
        self::assertEquals($first, $first->approved(new Actor(hasDecided: true), $route));
        self::assertSame(Refusal::IsDecided, self::outcome('take back', $first, new Actor(isOwner: true)));
        $second = $first->approved(new Actor(isInTurn: true), $route);
        self::assertEquals(EntryStatus::of(EntryState::Approved), $second);
        self::assertEquals($second, $second->approved(new Actor(isInTurn: true, hasDecided: true), $route));
        self::assertEquals(EntryStatus::of(EntryState::Returned), $first->returned(new Actor(isInTurn: true), 'Which lens?'));
    }

    public function test_returning_twice_is_the_same_as_once(): void
    {
        $returned = EntryStatus::of(EntryState::Submitted)->returned(new Actor(isInTurn: true), 'Which lens?');

        self::assertEquals($returned, $returned->returned(new Actor(hasDecided: true), 'Which lens?'));
    }

    public function test_returning_needs_a_comment(): void
    {
        $this->expectExceptionObject(ActRefused::because(Refusal::CommentMissing));
        EntryStatus::of(EntryState::Submitted)->returned(new Actor(isInTurn: true), " \n");
    }

    public function test_a_correction_replaces_approved_and_posts_beside_settled_time(): void
    {
        $approved = Correction::of(EntryState::Approved, Minutes::of(480), Minutes::of(450));
        $settled = Correction::of(EntryState::Settled, Minutes::of(480), Minutes::of(450));

        self::assertSame([450, 0], [$approved->stored->toInt(), $approved->posted->toInt()]);
        self::assertSame([480, -30], [$settled->stored->toInt(), $settled->posted->toInt()]);
        $this->expectException(ActRefused::class);
        Correction::of(EntryState::Draft, Minutes::of(480), Minutes::of(450));
    }

    private static function outcome(string $act, EntryStatus $status, Actor $actor): string|Refusal
    {
        $route = ApprovalRoute::of(RouteKind::Project, 'ada', 'mo', 'lee');
        try {
            return (match ($act) {
                'edit' => $status->edited($actor),
                'submit' => $status->submitted($actor, $route, false),
                'take back' => $status->takenBack($actor),
                'approve' => $status->approved($actor, $route),
                'return' => $status->returned($actor, 'Which lens?'),
                'correct' => $status->corrected($actor),
                default => $status->settled($actor),
            })->state->value;
        } catch (ActRefused $refused) {
            return $refused->refusal;
        }
    }

    private static function rightful(string $act): Actor
    {
        return match ($act) {
            'edit', 'submit', 'take back' => new Actor(isOwner: true),
            'settle' => new Actor(isOffice: true),
            default => new Actor(isInTurn: true),
        };
    }
}
