<?php

declare(strict_types=1);

namespace App\Features\Uploads\Actions;

use App\Models\Person;
use App\Models\Upload;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\File;

/** Takes a file in pieces, in their order, and hands it over once all of it is there. */
final readonly class ReceiveUpload
{
    public const PIECE = 1_048_576;

    public function __construct(private Today $today)
    {
    }

    /** @param  int<1, max>  $size  bytes in all */
    public function begin(?Person $by, string $name, int $size): Upload
    {
        File::ensureDirectoryExists(storage_path('app/private/uploads'), 0700);
        $upload = new Upload(['person_id' => $by?->id, 'name' => $name, 'size' => $size, 'received' => 0, 'begun_at' => $this->today->instant()->format('Y-m-d\TH:i:s\Z')]);
        $upload->id = bin2hex(random_bytes(16));
        $upload->save();
        touch($upload->path());

        return $upload;
    }

    /** @return bool false if the piece does not follow what is there, or is too much */
    public function append(Upload $upload, int $from, string $piece): bool
    {
        if ($from !== $upload->received || $piece === '' || strlen($piece) > self::PIECE || $from + strlen($piece) > $upload->size) {
            return false;
        }
        // Two that send the same piece at once write the same bytes to the same place.
        $file = fopen($upload->path(), 'c');
        if ($file === false || fseek($file, $from) !== 0 || fwrite($file, $piece) !== strlen($piece) || ! fclose($file)) {
            return false;
        }

        return Upload::query()->whereKey($upload->id)->where('received', $from)->update(['received' => $from + strlen($piece)]) === 1;
    }

    /**
     * Moves a complete upload of somebody to its place, once.
     *
     * @param  Person|null  $by  who sent it; null for somebody who is not signed in
     * @return Upload|null null if there is none such
     */
    public function handOver(?Person $by, string $id, string $to): ?Upload
    {
        $upload = Upload::query()->whereKey($id)->where('person_id', $by?->id)->first();
        if ($upload === null || ! $upload->isComplete() || ! is_file($upload->path()) || filesize($upload->path()) !== $upload->size) {
            return null;
        }
        File::ensureDirectoryExists(dirname($to), 0700);
        File::move($upload->path(), $to);
        $upload->delete();

        return $upload;
    }

    /** Removes what was begun before an instant and never used. */
    public function clearBefore(string $instant): int
    {
        $count = 0;
        foreach (Upload::query()->where('begun_at', '<', $instant)->get() as $upload) {
            File::delete($upload->path());
            $upload->delete();
            $count++;
        }

        return $count;
    }
}
