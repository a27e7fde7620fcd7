<?php

declare(strict_types=1);

namespace Tests\Core\Sheet;

use Moss\Core\Sheet\EntryState;
use PHPUnit\Framework\TestCase;

final class EntryStateTest extends TestCase
{
    public function test_each_state_is_settled_or_one_of_those_that_are_not(): void
    {
        self::assertSame([EntryState::Settled], array_values(array_filter(EntryState::cases(), static fn (EntryState $state): bool => ! in_array($state, EntryState::unsettled(), true))));
    }

    public function test_what_is_open_may_be_submitted_and_what_is_actual_has_been_approved(): void
    {
        $of = static fn (callable $is): array => array_values(array_filter(EntryState::cases(), $is));
        self::assertSame([EntryState::Draft, EntryState::Returned], $of(static fn (EntryState $state): bool => $state->isOpen()));
        self::assertSame([EntryState::Approved, EntryState::Settled], $of(static fn (EntryState $state): bool => $state->isActual()));
    }
}
