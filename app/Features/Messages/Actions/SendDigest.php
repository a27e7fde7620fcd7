<?php

declare(strict_types=1);

namespace App\Features\Messages\Actions;

use App\Features\DayReminder\Queries\DayPencil;
use App\Features\DayReminder\Queries\OpenDays;
use App\Features\Messages\Mail\Digest;
use App\Features\Messages\Mail\DigestLine;
use App\Features\Messages\Queries\MessageText;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Person;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Clock\Today;
use App\Support\Language\ReaderLanguage;
use App\Support\Language\Wording;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\URL;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Collects a person's messages that have not been mailed into one email, and reminds them of the day in the evening if their day is
 * not recorded. Mailing and remembering that it was mailed are one transaction: into the outbox, nothing goes twice.
 */
final readonly class SendDigest
{
    /** How long the link of a day reminder is good. */
    private const DAYS = 2;

    public function __construct(private DayPencil $pencil, private NotifyPeople $notify, private Today $today)
    {
    }

    public function handle(int $id, MailSlot $turn): void
    {
        $reader = Person::query()->findOrFail($id);
        ReaderLanguage::of($reader, fn () => DB::transaction(function () use ($id, $turn): void {
            $person = Person::query()->findOrFail($id);
            if ($person->mailed_in === $turn->key() || ! $person->hasAccess($turn->day)) {
                return;
            }
            $lines = $turn->isEvening ? $this->dayReminder($person, $turn) : [];
            $messages = Message::query()->where('person_id', $person->id)->where('by_mail', 1)->whereNull('mailed_at')->orderBy('id')->get();
            // A day reminder of another day has nothing to say any more.
            $said = array_values(array_filter($messages->all(), static fn (Message $message): bool => $message->kind !== MessageKind::DayReminder || $message->about === self::about($turn)));
            if ($said !== []) {
                Mail::to($person->email)->send(new Digest($person->name, array_map(
                    static fn (Message $message): DigestLine => new DigestLine(MessageText::subject($message, $person), MessageText::of($message, $person), url($message->link), $message->kind === MessageKind::DayReminder),
                    $said,
                ), $lines));
            }
            Message::query()->whereKey($messages->modelKeys())
                ->update(['mailed_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
            $person->update(['mailed_in' => $turn->key()]);
        }));
    }

    /** @return list<string> the day's pencil, line by line; empty where the day is recorded, or nothing is pencilled */
    private function dayReminder(Person $person, MailSlot $turn): array
    {
        $day = $this->pencil->of($person, $turn->day);
        if (! $day->isShort()) {
            return [];
        }
        $sum = Minutes::of($day->pencilled);
        $this->notify->of([new Notice(
            $person->id,
            MessageKind::DayReminder,
            self::about($turn),
            ['day' => $turn->day] + ($sum->isZero() ? ['missing' => Minutes::of($day->expected - $day->entered)] : ['hours' => $sum]),
            $sum->isZero() ? '/week' : self::link($person, $turn),
        )]);

        return [...$day->lines($person), ...$this->openBefore($person, $turn->day)];
    }

    /** @return list<string> the days before that are still open, in one line */
    private function openBefore(Person $person, Day $day): array
    {
        $open = array_map(Wording::day(...), array_reverse(OpenDays::before($person, $day)));

        return $open === [] ? [] : [Wording::of('messages.mail.open_days', ['days' => implode(', ', $open)])];
    }

    private static function about(MailSlot $turn): string
    {
        return 'day reminder '.$turn->day->toString();
    }

    /** Signed, and good for this day of this one person, and the days before it that are still open. */
    private static function link(Person $person, MailSlot $turn): string
    {
        return URL::temporarySignedRoute('day-reminder', Carbon::now()->addDays(self::DAYS), ['person' => $person->code, 'date' => $turn->day->toString()], absolute: false);
    }
}
