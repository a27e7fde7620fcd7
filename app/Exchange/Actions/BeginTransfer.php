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
        $places = self::places($uploads);

        return DB::transaction(function () use ($by, $places, $replacesPlan): FileTransfer {
            $transfer = $this->begin($by, TransferKind::Import, ['replacesPlan' => $replacesPlan, 'files' => array_column($places, 'name')]);
            foreach ($places as $id => ['name' => $name, 'place' => $place]) {
                if ($this->receive->handOver($by, $id, $transfer->folder().'/'.$place) === null) {
                    // The number of this transfer is given to the next one.
                    File::deleteDirectory($transfer->folder());
                    throw TransferRefused::because('transfer.file_gone', ['name' => $name]);
                }
            }
            DB::afterCommit(static fn () => RunTransfer::dispatch($transfer->id));

            return $transfer;
        });
    }

    /**
     * What the files are called and where each goes, before any of them is moved.
     *
     * @param  non-empty-list<string>  $uploads
     * @return array<string, array{name: string, place: string}> by upload
     *
     * @throws TransferRefused
     */
    private static function places(array $uploads): array
    {
        $names = Upload::query()->whereIn('id', $uploads)->pluck('name', 'id')->all();
        $places = [];
        foreach ($uploads as $id) {
            $name = is_string($names[$id] ?? null) ? strtolower($names[$id]) : '';
            $isZip = count($uploads) === 1 && preg_match('/^[^\/]{1,200}\.zip$/D', $name) === 1;
            if ($name !== '' && ! $isZip && preg_match('/^[a-z_]{1,60}\.csv$/D', $name) !== 1) {
                throw TransferRefused::because('transfer.file_name', ['name' => $name]);
            }
            $places[$id] = ['name' => $name, 'place' => $isZip ? 'import.zip' : "files/$name"];
        }

        return $places;
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
