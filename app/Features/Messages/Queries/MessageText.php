<?php

declare(strict_types=1);

namespace App\Features\Messages\Queries;

use App\Models\MessageKind;
use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Facts;
use App\Support\Words;

/** What a message says to its reader. */
final class MessageText
{
    /** @param  Record  $message  with its kind and facts */
    public static function of(Record $message, Person $reader): string
    {
        $facts = Facts::printed(Facts::read($message->string('facts')), $reader);
        $kind = MessageKind::from($message->string('kind'));
        $variant = static fn (string $name): string => (string) ($facts[$name] ?? '');

        return match ($kind) {
            MessageKind::Assigned => str_replace(':tasks', $variant('tasks'), Words::choice('messages.assigned', (int) ($facts['count'] ?? 1))),
            MessageKind::CorrectionDecided => Words::of('messages.correction decided.'.$variant('verdict'), $facts),
            MessageKind::Restated, MessageKind::RestatementAsked => Words::of('messages.'.$kind->value, $facts).($variant('word') === '' ? '' : ' '.Words::of('messages.because', $facts)),
            MessageKind::RestatementDecided => Words::of('messages.restatement decided.'.$variant('verdict'), $facts),
            MessageKind::Nudge => Words::of('messages.nudge.'.(isset($facts['hours']) ? 'pencilled' : 'bare'), $facts),
            MessageKind::WeekLate => Words::of('messages.week late', $facts + ['missing' => Words::of('messages.late.'.$variant('what'), $facts)]).self::by($facts),
            MessageKind::WeekDue => Words::of('messages.week due', $facts).self::by($facts),
            default => Words::of('messages.'.$kind->value, $facts),
        };
    }

    /** @param  array<string, string|int>  $facts */
    private static function by(array $facts): string
    {
        return isset($facts['by']) ? ' '.Words::of('messages.asked by', ['name' => $facts['by']]) : '';
    }
}
