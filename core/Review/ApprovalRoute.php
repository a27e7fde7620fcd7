<?php

declare(strict_types=1);

namespace Moss\Core\Review;

/**
 * The approvers of a person's time on a project, in their order.
 *
 * Nobody decides on their own time: where the owner would, it goes to their line manager. Where nobody is named, or the
 * line manager is the owner, it goes to the office. The same approver twice running decides once.
 */
final readonly class ApprovalRoute
{
    /** @param  list<RouteStep>  $steps */
    private function __construct(private array $steps)
    {
    }

    public static function of(RouteKind $kind, string $owner, ?string $projectManager, ?string $lineManager): self
    {
        $line = $lineManager === $owner ? null : $lineManager;
        $project = $projectManager === $owner || $projectManager === null ? $line : $projectManager;
        $approvers = match ($kind) {
            RouteKind::None => [],
            RouteKind::Project => [$project],
            RouteKind::Line => [$line],
            RouteKind::ProjectThenLine => $project === $line ? [$line] : [$project, $line],
        };

        return new self(array_map(static fn (?string $approver): RouteStep => new RouteStep($approver), $approvers));
    }

    public function isEmpty(): bool
    {
        return $this->steps === [];
    }

    public function length(): int
    {
        return count($this->steps);
    }

    /** @return list<RouteStep> */
    public function steps(): array
    {
        return $this->steps;
    }

    /** The step after which time is approved, or null where nobody has to. */
    public function last(): ?RouteStep
    {
        return $this->stepAfter($this->length() - 1);
    }

    /** The step whose turn it is after so many approvals, or null where none is left. */
    public function stepAfter(int $approvals): ?RouteStep
    {
        return $this->steps[$approvals] ?? null;
    }
}
