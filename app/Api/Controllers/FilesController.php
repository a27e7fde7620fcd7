<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\Input\ExportRequest;
use App\Api\Input\ImportRequest;
use App\Api\Input\PartRequest;
use App\Api\OpenApi\Describes;
use App\Api\Queries\TransferPages;
use App\Api\Resources\Transfer;
use App\Api\Resources\TransferList;
use App\Exchange\Actions\BeginTransfer;
use App\Exchange\Actions\TransferRefused;
use App\Exchange\ExchangeText;
use App\Features\Uploads\Actions\ReceiveUpload;
use App\Models\FileTransfer;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\TransferKind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Imports and exports of files, which go on in the background; for the time office. */
final readonly class FilesController
{
    public function __construct(private BeginTransfer $begin)
    {
    }

    #[Describes('Imports and exports, the oldest first.', TransferList::class)]
    public function index(PartRequest $request): JsonResponse
    {
        Gate::authorize('keep', Organisation::class);

        return new JsonResponse(TransferPages::of($request));
    }

    #[Describes('An import or export, and how far it has come.', Transfer::class)]
    public function show(FileTransfer $transfer): JsonResponse
    {
        Gate::authorize('keep', Organisation::class);

        return new JsonResponse(TransferPages::one($transfer));
    }

    #[Describes('Hand in files to be imported. They are checked in the background; nothing is changed before it is run.', Transfer::class)]
    public function import(#[CurrentUser] Person $office, ImportRequest $request, ReceiveUpload $receive): JsonResponse
    {
        Gate::authorize('keep', Organisation::class);
        $uploads = [];
        foreach ($request->files() as $name => $content) {
            $upload = $receive->begin($office, $name, max(1, strlen($content)));
            $from = 0;
            foreach (str_split($content, ReceiveUpload::PIECE) as $piece) {
                $receive->append($upload, $from, $piece);
                $from += strlen($piece);
                $upload->received = $from;
            }
            $uploads[] = $upload->id;
        }
        try {
            $transfer = $this->begin->import($office, $uploads, $request->boolean('replacesPlan'));
        } catch (TransferRefused $refused) {
            throw new HttpException(422, $refused->getMessage(), $refused);
        }

        return new JsonResponse(TransferPages::one($transfer->refresh()));
    }

    #[Describes('Import files that were checked.', Transfer::class)]
    public function run(FileTransfer $transfer): JsonResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $this->begin->run($transfer);
        } catch (TransferRefused $refused) {
            throw new HttpException(422, $refused->getMessage(), $refused);
        }

        return new JsonResponse(TransferPages::one($transfer->refresh()));
    }

    #[Describes('Export files. They can be downloaded once they are written.', Transfer::class)]
    public function export(#[CurrentUser] Person $office, ExportRequest $request): JsonResponse
    {
        Gate::authorize('keep', Organisation::class);

        return new JsonResponse(TransferPages::one($this->begin->export($office, $request->kinds(), $request->period())->refresh()));
    }

    #[Describes('The files of an export, as one ZIP file.', null, media: 'application/zip')]
    public function download(FileTransfer $transfer): BinaryFileResponse
    {
        Gate::authorize('keep', Organisation::class);
        $path = $transfer->folder().'/export.zip';
        if ($transfer->kind !== TransferKind::Export || ! is_file($path)) {
            throw new NotFoundHttpException(ExchangeText::get('transfer.gone'));
        }

        return response()->download($path, 'moss-week-'.substr($transfer->begun_at, 0, 10).'.zip', ['Content-Type' => 'application/zip']);
    }
}
