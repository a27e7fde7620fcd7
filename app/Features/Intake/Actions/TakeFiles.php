<?php

declare(strict_types=1);

namespace App\Features\Intake\Actions;

use App\Features\Uploads\Actions\ReceiveUpload;
use App\Models\Person;
use App\Models\WorkRequest;
use App\Models\WorkRequestFile;
use Illuminate\Support\Facades\File;

/** Puts uploaded files to a request, if their content is of a kind that people send. */
final readonly class TakeFiles
{
    public const MOST = 5;

    /** Media types by content; none of them is shown, all are downloaded. */
    private const TYPES = [
        'application/pdf', 'image/png', 'image/jpeg', 'image/gif', 'image/webp', 'text/plain', 'text/csv', 'application/csv', 'application/zip', 'message/rfc822',
        'application/msword', 'application/vnd.ms-excel', 'application/vnd.oasis.opendocument.text', 'application/vnd.oasis.opendocument.spreadsheet',
        'application/vnd.openxmlformats-officedocument.wordprocessingml.document', 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
        'application/vnd.openxmlformats-officedocument.presentationml.presentation',
    ];

    public function __construct(private ReceiveUpload $receive)
    {
    }

    /**
     * @param  list<string>  $uploads
     *
     * @throws WorkRefused
     */
    public function handle(?Person $by, WorkRequest $request, array $uploads): void
    {
        $taken = [];
        try {
            foreach ($uploads as $id) {
                $stored = $request->id.'-'.bin2hex(random_bytes(8));
                $path = WorkRequestFile::folder().'/'.$stored;
                $upload = $this->receive->handOver($by, $id, $path) ?? throw WorkRefused::because('file_gone');
                $taken[] = $path;
                $type = File::mimeType($path);
                if ($type === false || ! in_array($type, self::TYPES, true)) {
                    throw WorkRefused::because('file_type', ['name' => $upload->name]);
                }
                WorkRequestFile::query()->create(['work_request_id' => $request->id, 'name' => $upload->name, 'media_type' => $type, 'size' => $upload->size, 'stored_as' => $stored]);
            }
        } catch (WorkRefused $refused) {
            File::delete($taken);
            throw $refused;
        }
    }
}
