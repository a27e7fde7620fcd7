<?php

declare(strict_types=1);

namespace App\Features\Messages\Queries;

use App\Features\Messages\Props\MailProps;
use App\Features\Messages\Props\OpenMailProps;
use App\Features\Messages\Props\OutboxProps;
use App\Models\OutboxMail;
use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Database\TextSearch;
use App\Support\Language\Wording;
use Illuminate\Database\Query\Builder;

/** Every mail that the application would send; the office reads all of them, everybody else their own. */
final class Outbox
{
    private const AT_ONCE = 50;

    public function of(Person $reader, string $search, ?int $before, ?int $open): OutboxProps
    {
        $mails = Record::all(TextSearch::narrow($this->visibleTo($reader), $search, ['recipient', 'subject'])
            ->when($before !== null, static fn (Builder $older): Builder => $older->where('id', '<', $before))
            ->select('id', 'at', 'recipient', 'subject')->orderByDesc('id')->limit(self::AT_ONCE + 1));
        $shown = array_slice($mails, 0, self::AT_ONCE);
        $opened = $open === null ? null : $this->mail($reader, $open);

        return new OutboxProps(
            array_map(static fn (Record $mail): MailProps => new MailProps($mail->int('id'), $mail->string('at'), $mail->string('recipient'), $mail->string('subject')), $shown),
            count($mails) > self::AT_ONCE ? $shown[self::AT_ONCE - 1]->int('id') : null,
            $opened === null ? null : new OpenMailProps($opened->int('id'), $opened->string('at'), $opened->string('sender'), $opened->string('recipient'), $opened->string('subject'), $opened->string('text')),
            $reader->isOffice(),
            $search,
        );
    }

    /** Null where there is none that the reader may see. */
    public function mail(Person $reader, int $id): ?Record
    {
        $mail = Record::all($this->visibleTo($reader)->where('id', $id))[0] ?? null;

        return $mail === null || $mail->string('recipient') === $reader->email ? $mail : self::withoutLinks($mail);
    }

    /** Links that open something without signing in are for the recipient alone. */
    private static function withoutLinks(Record $mail): Record
    {
        $hidden = Wording::of('messages.mail.hidden_link');

        return $mail->with([
            'html' => (string) preg_replace('~<a [^>]*href="[^"]*[?&;]signature=[^"]*"[^>]*>~', '<a title="'.e($hidden).'">', $mail->string('html')),
            'text' => (string) preg_replace('~\S+[?&]signature=\S+~', $hidden, $mail->string('text')),
        ]);
    }

    private function visibleTo(Person $reader): Builder
    {
        return OutboxMail::query()->toBase()->when(! $reader->isOffice(), static fn (Builder $own): Builder => $own->where('recipient', $reader->email));
    }
}
