<?php

declare(strict_types=1);

namespace Moss\Core\Schedule;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** A task of a schedule. */
final readonly class ScheduledTask
{
    public const NO_MILESTONE = 'no';

    public const WAITS_FOR_NOTHING = 'none';

    /**
     * @param  string  $wbs  its number in the work breakdown; empty for none
     * @param  bool|null  $isMilestone  null where a file does not say
     * @param  list<Dependency>|null  $after  what it waits for; null where a file does not say
     * @param  Minutes|null  $planned  for the task itself; null where its assignments make it up
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $phase,
        public string $wbs,
        public ?bool $isMilestone,
        public ?array $after,
        public ?Day $starts,
        public ?Day $ends,
        public ?Minutes $planned,
    ) {
    }

    /** The same, with what it leaves blank as another has it. */
    public function over(?self $other): self
    {
        return $other === null ? $this : new self(
            $this->code, $this->name === '' ? $other->name : $this->name, $this->phase === '' ? $other->phase : $this->phase, $this->wbs === '' ? $other->wbs : $this->wbs,
            $this->isMilestone ?? $other->isMilestone, $this->after ?? $other->after, $this->starts ?? $other->starts, $this->ends ?? $other->ends, $this->planned ?? $other->planned,
        );
    }

    /** @return array<string, string> by the names of columns */
    public function fields(): array
    {
        $after = array_map(static fn (Dependency $one): string => $one->toString(), $this->after ?? []);
        sort($after);
        $isMilestone = match ($this->isMilestone) {
            null => '',
            true => 'yes',
            false => self::NO_MILESTONE,
        };

        return [
            'name' => $this->name, 'phase' => $this->phase, 'wbs' => $this->wbs, 'milestone' => $isMilestone, 'after' => $this->after === [] ? self::WAITS_FOR_NOTHING : implode('; ', $after),
            'starts_on' => $this->starts?->toString() ?? '', 'ends_on' => $this->ends?->toString() ?? '', 'planned' => $this->planned === null ? '' : (string) $this->planned->toInt(),
        ];
    }
}
