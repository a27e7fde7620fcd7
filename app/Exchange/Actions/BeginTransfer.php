<?php

declare(strict_types=1);

namespace App\Exchange\Actions;

use App\Exchange\Jobs\RunTransfer;
use App\Features\Uploads\Actions\ReceiveUpload;
use App\Models\FileTransfer;
use App\Models\Person;
use App\Models\TransferKind;
use App\Models\TransferState;
use App\Models\Upload;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Moss\Core\Calendar\DayRange;

/** Begins an import or export of files in the background. */
final readonly class BeginTransfer
{
    public function __construct(private ReceiveUpload $receive, private Today $today)
    {
    }

    /**
     * @param  non-empty-list<string>  $uploads  ids: CSV files, or one ZIP of them
     *
     * @throws TransferRefused
     */
    public function import(Person $by, array $uploads, bool $replacesPlan): FileTransfer
    {
        return DB::transaction(function () use ($by, $uploads, $replacesPlan): FileTransfer {
            $names = Upload::query()->whereIn('id', $uploads)->pluck('name', 'id')->all();
            $transfer = $this->begin($by, TransferKind::Import, ['replacesPlan' => $replacesPlan, 'files' => array_values(array_filter($names, is_string(...)))]);
            $folder = $transfer->folder().'/files';
            foreach ($uploads as $id) {
                $name = strtolower(is_string($names[$id] ?? null) ? $names[$id] : '');
                $isZip = count($uploads) === 1 && preg_match('/^[^\/]{1,200}\.zip$/D', $name) === 1;
                if (! $isZip && preg_match('/^[a-z_]{1,60}\.csv$/D', $name) !== 1) {
                    throw TransferRefused::because('transfer.file_name', ['name' => $name]);
                }
                if ($this->receive->handOver($by, $id, $isZip ? $transfer->folder().'/import.zip' : $folder.'/'.$name) === null) {
                    throw TransferRefused::because('transfer.file_gone', ['name' => $name]);
                }
            }
            DB::afterCommit(static fn () => RunTransfer::dispatch($transfer->id));

            return $transfer;
        });
    }

    /** @param  list<string>  $kinds  names of files without `.csv` */
    public function export(Person $by, array $kinds, ?DayRange $period): FileTransfer
    {
        return DB::transaction(function () use ($by, $kinds, $period): FileTransfer {
            $transfer = $this->begin($by, TransferKind::Export, ['files' => $kinds, 'from' => $period?->first()->toString(), 'to' => $period?->last()->toString()]);
            DB::afterCommit(static fn () => RunTransfer::dispatch($transfer->id));

            return $transfer;
        });
    }

    /** @throws TransferRefused if it is not checked, or no longer */
    public function run(FileTransfer $transfer): void
    {
        if (FileTransfer::query()->whereKey($transfer->id)->where('state', TransferState::Checked)->update(['state' => TransferState::Queued]) !== 1) {
            throw TransferRefused::because('transfer.not_checked');
        }
        RunTransfer::dispatch($transfer->id);
    }

    /** @param  array<string, mixed>  $options */
    private function begin(Person $by, TransferKind $kind, array $options): FileTransfer
    {
        $transfer = FileTransfer::query()->create(['kind' => $kind, 'state' => TransferState::Waiting, 'person_id' => $by->id, 'begun_at' => $this->today->instant()->format('Y-m-d\TH:i:s\Z'), 'options' => $options, 'report' => []]);
        File::ensureDirectoryExists($transfer->folder().'/files', 0700);

        return $transfer;
    }
}
