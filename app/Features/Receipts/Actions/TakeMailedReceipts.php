<?php

declare(strict_types=1);

namespace App\Features\Receipts\Actions;

use App\Features\Receipts\Mail\Mailbox;
use App\Models\Person;
use Illuminate\Support\Facades\Log;
use ZBateson\MailMimeParser\Header\AddressHeader;
use ZBateson\MailMimeParser\IMessage;
use ZBateson\MailMimeParser\MailMimeParser;

/**
 * Takes the receipts out of the messages that have come: each attachment, for whoever sent it. Mail of somebody whom nobody knows, or
 * without an attachment that is a receipt, is put aside.
 */
final readonly class TakeMailedReceipts
{
    private const MOST_ATTACHMENTS = 30;

    public function __construct(private Mailbox $mailbox, private AddReceipt $add)
    {
    }

    /** @return array{int, int} receipts that were taken, and messages that were put aside */
    public function handle(): array
    {
        [$taken, $aside] = [0, 0];
        foreach ($this->mailbox->waiting() as $name) {
            $stream = $this->mailbox->open($name);
            if ($stream === null) {
                continue;
            }
            $message = (new MailMimeParser)->parse($stream, true);
            $sender = self::sender($message);
            $count = $sender === null ? 0 : $this->take($sender, $message);
            $this->mailbox->finish($name, $count > 0);
            $taken += $count;
            $aside += $count > 0 ? 0 : 1;
        }

        return [$taken, $aside];
    }

    private static function sender(IMessage $message): ?Person
    {
        $from = $message->getHeader('From');
        $address = $from instanceof AddressHeader ? $from->getEmail() : null;

        return $address === null ? null : Person::query()->where('email', mb_strtolower($address))->whereNull('disabled_at')->first();
    }

    private function take(Person $sender, IMessage $message): int
    {
        $taken = 0;
        foreach (array_slice($message->getAllAttachmentParts(), 0, self::MOST_ATTACHMENTS) as $part) {
            try {
                $this->add->handle($sender, (string) $part->getContent(), (string) $part->getFilename(), mailed: true);
                $taken++;
            } catch (ReceiptRefused $refused) {
                Log::notice('An attachment was not taken as a receipt.', ['person' => $sender->code, 'why' => $refused->getMessage()]);
            }
        }

        return $taken;
    }
}
