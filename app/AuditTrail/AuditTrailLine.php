<?php

declare(strict_types=1);

namespace App\AuditTrail;

use App\Models\Person;
use BackedEnum;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/** One act, for the audit trail. */
final readonly class AuditTrailLine
{
    public ?string $date;

    /**
     * @param  int|null  $actor  null where the system acted
     * @param  int|null  $onBehalfOf  whom a stand-in acted for
     * @param  int|null  $person  whose time or standing it concerns
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     * @param  string  $name  what it was on, where that is no entry
     */
    public function __construct(
        public string $act,
        public ?int $actor,
        public ?int $onBehalfOf,
        public ?int $person,
        public ?int $task,
        Day|string|null $date,
        public ?array $before,
        public ?array $after,
        public string $why = '',
        public AuditTrailSubject $subject = AuditTrailSubject::Entry,
        public string $name = '',
    ) {
        $this->date = $date instanceof Day ? $date->toString() : $date;
    }

    /**
     * Values as the audit trail stores them: minutes and cents as numbers, days as text.
     *
     * @param  array<string, Day|Minutes|Money|BackedEnum|string|int|null>  $values
     * @return array<string, string|int|null>
     */
    public static function told(array $values): array
    {
        return array_map(static fn (Day|Minutes|Money|BackedEnum|string|int|null $value): string|int|null => match (true) {
            $value instanceof Day => $value->toString(),
            $value instanceof Minutes => $value->toInt(),
            $value instanceof Money => $value->cents(),
            $value instanceof BackedEnum => $value->value,
            default => $value,
        }, $values);
    }

    /**
     * An act on something else than an entry.
     *
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    public static function on(AuditTrailSubject $subject, string $name, string $act, ?Person $actor, ?array $before, ?array $after, ?int $person = null, string $why = ''): self
    {
        return new self($act, $actor?->id, null, $person, null, null, $before, $after, $why, $subject, $name);
    }

    /**
     * The same act, told with other values.
     *
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    public function telling(?array $before, ?array $after): self
    {
        return new self($this->act, $this->actor, $this->onBehalfOf, $this->person, $this->task, $this->date, $before, $after, $this->why, $this->subject, $this->name);
    }

    /** @return array{act: string, actor_id: int|null, on_behalf_of_id: int|null, person_id: int|null, task_id: int|null, date: string|null, before: string|null, after: string|null, why: string, subject: string, name: string} */
    public function attributes(): array
    {
        return [
            'act' => $this->act,
            'actor_id' => $this->actor,
            'on_behalf_of_id' => $this->onBehalfOf,
            'person_id' => $this->person,
            'task_id' => $this->task,
            'date' => $this->date,
            'before' => $this->before === null ? null : json_encode($this->before, JSON_THROW_ON_ERROR),
            'after' => $this->after === null ? null : json_encode($this->after, JSON_THROW_ON_ERROR),
            'why' => $this->why,
            'subject' => $this->subject->value,
            'name' => $this->name,
        ];
    }
}
