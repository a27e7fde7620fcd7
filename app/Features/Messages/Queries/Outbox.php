<?php

declare(strict_types=1);

namespace App\Features\Messages\Queries;

use App\Features\Messages\Props\AttachmentProps;
use App\Features\Messages\Props\MailProps;
use App\Features\Messages\Props\OpenMailProps;
use App\Features\Messages\Props\OutboxProps;
use App\Models\OutboxAttachment;
use App\Models\OutboxMail;
use App\Models\PasswordLink;
use App\Models\PasswordLinkKind;
use App\Models\Person;
use App\Support\Database\Rows;
use App\Support\Database\TextSearch;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Query\Builder;

/** Every mail that the application would send; the office reads all of them, everybody else their own. */
final class Outbox
{
    private const AT_ONCE = 50;

    private const PASSWORD_LINK = '/password/set/';

    public function of(Person $reader, string $search, ?int $before, ?int $open): OutboxProps
    {
        $mails = Rows::of(MailRow::class, TextSearch::narrow($this->visibleTo($reader), $search, ['recipient', 'subject'])
            ->when($before !== null, static fn (Builder $older): Builder => $older->where('id', '<', $before))
            ->select('id', 'at', 'recipient', 'subject')->orderByDesc('id')->limit(self::AT_ONCE + 1));
        $shown = array_slice($mails, 0, self::AT_ONCE);
        $opened = $open === null ? null : $this->mail($reader, $open);

        return new OutboxProps(
            array_map(static fn (MailRow $mail): MailProps => new MailProps($mail->id, $mail->at, $mail->recipient, $mail->subject), $shown),
            count($mails) > self::AT_ONCE ? $shown[self::AT_ONCE - 1]->id : null,
            $opened === null ? null : new OpenMailProps($opened->id, $opened->at, $opened->sender, $opened->recipient, $opened->subject, $opened->text, self::attachments($opened->id)),
            $reader->isOffice(),
            $search,
        );
    }

    /** Null where there is none that the reader may see. */
    public function mail(Person $reader, int $id): ?OutboxMail
    {
        $mail = $this->visibleTo($reader)->where('id', $id)->exists() ? OutboxMail::query()->find($id) : null;

        return $mail === null || $mail->recipient === $reader->email ? $mail : self::withoutLinks($mail);
    }

    /** Null where there is none, or it goes with a mail that the reader may not see: figures are for the recipient alone. */
    public function attachment(Person $reader, int $mail, int $id): ?OutboxAttachment
    {
        $isOwn = OutboxMail::query()->whereKey($mail)->where('recipient', $reader->email)->exists();

        return $isOwn ? OutboxAttachment::query()->where('outbox_mail_id', $mail)->find($id) : null;
    }

    /** @return list<AttachmentProps> */
    private static function attachments(int $mail): array
    {
        return Rows::of(AttachmentProps::class, OutboxAttachment::query()->toBase()->where('outbox_mail_id', $mail)->orderBy('id')->select('id', 'name'));
    }

    /**
     * Links that open something without signing in are for the recipient alone. Only an invitation can be read by the office,
     * to hand it on, since mail that stays here reaches nobody who cannot sign in; and only until there is a password.
     */
    private static function withoutLinks(OutboxMail $mail): OutboxMail
    {
        $hidden = Wording::of('messages.mail.hidden_link');
        $secret = '[^"\s]*[?&;]signature='.(self::isFirstInvitation($mail) ? '' : '|[^"\s]*'.self::PASSWORD_LINK);

        return $mail->fill([
            'html' => (string) preg_replace('~<a [^>]*href="(?:'.$secret.')[^"]*"[^>]*>~', '<a title="'.e($hidden).'">', $mail->html),
            'text' => (string) preg_replace("~(?:$secret)\\S*~", $hidden, $mail->text),
        ]);
    }

    private static function isFirstInvitation(OutboxMail $mail): bool
    {
        return preg_match('~'.self::PASSWORD_LINK.'([\w-]+)~', $mail->text, $found) === 1
            && PasswordLink::query()->where('token_hash', PasswordLink::hash($found[1]))->where('kind', PasswordLinkKind::Invitation)
                ->whereHas('person', static fn (EloquentBuilder $people) => $people->whereNull('password'))->exists();
    }

    private function visibleTo(Person $reader): Builder
    {
        return OutboxMail::query()->toBase()->when(! $reader->isOffice(), static fn (Builder $own): Builder => $own->where('recipient', $reader->email));
    }
}
