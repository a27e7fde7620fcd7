<?php

declare(strict_types=1);

namespace App\Features\Receipts\Actions;

use App\Features\Receipts\Jobs\ReadReceiptJob;
use App\Models\Expense;
use App\Models\Person;
use App\Models\Receipt;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Throwable;

/** Keeps a receipt of a person, and has it read. */
final readonly class AddReceipt
{
    public function __construct(private Today $today)
    {
    }

    /**
     * @param  Expense|null  $expense  of the person, open; null where it waits for one
     *
     * @throws ReceiptRefused
     */
    public function handle(Person $owner, string $bytes, string $name, ?Expense $expense = null, bool $mailed = false): Receipt
    {
        $digest = hash('sha256', $bytes);
        $clean = CleanFile::of($bytes, $name);
        if (Receipt::query()->where('person_id', $owner->id)->where('digest', $digest)->exists()) {
            throw ReceiptRefused::because('twice', ['name' => Str::limit(basename($name), 60)]);
        }
        $receipt = new Receipt([
            'person_id' => $owner->id, 'expense_id' => $expense?->id, 'file' => bin2hex(random_bytes(16)).'.'.$clean->extension(), 'name' => self::name($name), 'media_type' => $clean->mediaType,
            'bytes' => strlen($clean->bytes), 'digest' => $digest, 'mailed' => $mailed, 'received_at' => $this->today->instant()->format('Y-m-d\TH:i:s\Z'),
        ]);
        File::ensureDirectoryExists(dirname($receipt->path()), 0700);
        File::put($receipt->path(), $clean->bytes);
        chmod($receipt->path(), 0600);
        try {
            $receipt->save();
        } catch (Throwable $fault) {
            File::delete($receipt->path());
            throw $fault;
        }
        ReadReceiptJob::dispatch($receipt->id);

        return $receipt;
    }

    /** Its last part, without what a terminal or a page might take for something else. */
    private static function name(string $name): string
    {
        $plain = trim(preg_replace('/[\p{C}<>"\\\\]/u', '', basename(mb_scrub($name, 'UTF-8'))) ?? '');

        return $plain === '' ? 'receipt' : Str::limit($plain, 100, '');
    }
}
