<?php

declare(strict_types=1);

namespace App\Features\Messages\Queries;

use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Person;
use App\Support\Language\TextValues;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\Lang;

/** What a message says to its reader. */
final class MessageText
{
    public static function of(Message $message, Person $reader): string
    {
        $values = self::values($message, $reader);
        $variant = static fn (string $name): string => (string) ($values[$name] ?? '');

        return match ($message->kind) {
            MessageKind::HoursDiffer => str_replace(':system', $variant('system'), Wording::choice('messages.hours differ', (int) ($values['count'] ?? 1))),
            MessageKind::Assigned => str_replace(':tasks', $variant('tasks'), Wording::choice('messages.assigned', (int) ($values['count'] ?? 1))),
            MessageKind::CorrectionDecided => Wording::of('messages.correction decided.'.$variant('verdict'), $values),
            MessageKind::EstimateUpdated, MessageKind::EstimateWaiting => Wording::of('messages.'.$message->kind->value, $values).($variant('reason') === '' ? '' : ' '.Wording::of('messages.because', $values)),
            MessageKind::EstimateDecided => Wording::of('messages.estimate decided.'.$variant('verdict'), $values),
            MessageKind::LeaveDecided => Wording::of('messages.leave decided.'.$variant('verdict'), $values),
            MessageKind::WorkRequestDecided => Wording::of('messages.work request decided.'.$variant('verdict'), $values),
            MessageKind::DayReminder => Wording::of('messages.day reminder.'.(isset($values['hours']) ? 'pencilled' : 'bare'), $values),
            MessageKind::DecisionsDue => Wording::of('messages.decisions due.'.(isset($values['count']) ? 'entries' : 'other'), $values),
            MessageKind::WeekOverdue => Wording::of('messages.'.(isset($values['first']) ? 'timesheet overdue' : 'week overdue'), $values + ['missing' => Wording::of('messages.late.'.$variant('what'), $values)]).self::by($values),
            MessageKind::WeekDue => Wording::of('messages.'.(isset($values['first']) ? 'timesheet due' : 'week due'), $values).self::by($values),
            MessageKind::SignInChanged => Wording::of('messages.sign-in changed.'.$variant('what')),
            default => Wording::of('messages.'.$message->kind->value, $values),
        };
    }

    /** The same in a few words, as a mail is headed. */
    public static function subject(Message $message, Person $reader): string
    {
        $short = 'messages.subjects.'.$message->kind->value;
        if (! Lang::has($short)) {
            return rtrim(self::of($message, $reader), '.');
        }
        $values = self::values($message, $reader);

        return $message->kind === MessageKind::Assigned ? Wording::choice($short, (int) ($values['count'] ?? 1)) : Wording::of($short, $values);
    }

    /** @return array<string, string|int> as the reader reads them; days from one to another also in one */
    private static function values(Message $message, Person $reader): array
    {
        $values = TextValues::printed(TextValues::read($message->text_values), $reader);

        return isset($values['from'], $values['to']) ? $values + ['days' => Wording::of($values['from'] === $values['to'] ? 'messages.one_day' : 'messages.several_days', $values)] : $values;
    }

    /** @param  array<string, string|int>  $values */
    private static function by(array $values): string
    {
        return isset($values['by']) ? ' '.Wording::of('messages.asked by', ['name' => $values['by']]) : '';
    }
}
