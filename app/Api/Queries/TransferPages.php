<?php

declare(strict_types=1);

namespace App\Api\Queries;

use App\Api\Input\PartRequest;
use App\Api\Resources\Transfer;
use App\Api\Resources\TransferFile;
use App\Api\Resources\TransferList;
use App\Exchange\Props\FileCountProps;
use App\Exchange\Queries\Transfers;
use App\Models\FileTransfer;

/** Imports and exports, a part at a time, the oldest first. */
final class TransferPages
{
    public static function of(PartRequest $request): TransferList
    {
        [$ids, $next] = Pages::of(FileTransfer::query()->toBase(), 'begun_at', $request);
        $found = FileTransfer::query()->with('person')->whereKey($ids)->get()->keyBy('id');

        return new TransferList(array_values(array_map(self::one(...), array_filter(array_map($found->get(...), $ids)))), $next);
    }

    public static function one(FileTransfer $transfer): Transfer
    {
        $shown = Transfers::props($transfer->loadMissing('person'));

        return new Transfer(
            $shown->id, $shown->kind, $shown->state, $shown->at,
            array_map(static fn (FileCountProps $file): TransferFile => new TransferFile($file->file, $file->rows, $file->new, $file->changed, $file->same, $file->gone, $file->wrong), $shown->files),
            $shown->percent, $shown->replacesPlan, $shown->problem, $shown->hasFile,
        );
    }
}
