<?php

declare(strict_types=1);

namespace App\Features\Receipts\Mail;

use Illuminate\Support\Facades\File;

/** A mailbox that is a folder: each message a file `*.eml` in it; those that are done lie in `taken` or `refused`. */
final readonly class FolderMailbox implements Mailbox
{
    public function __construct(private string $folder)
    {
    }

    public function waiting(): iterable
    {
        $files = glob($this->folder.'/*.eml') ?: [];
        sort($files);
        foreach ($files as $file) {
            yield basename($file);
        }
    }

    public function open(string $message)
    {
        $file = @fopen($this->folder.'/'.basename($message), 'rb');

        return $file === false ? null : $file;
    }

    public function finish(string $message, bool $wasTaken): void
    {
        $to = $this->folder.'/'.($wasTaken ? 'taken' : 'refused');
        File::ensureDirectoryExists($to, 0700);
        File::move($this->folder.'/'.basename($message), $to.'/'.basename($message));
    }
}
