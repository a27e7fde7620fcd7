<?php

declare(strict_types=1);

namespace App\Features\Uploads\Controllers;

use App\Features\Uploads\Actions\ReceiveUpload;
use App\Features\Uploads\Requests\UploadRequest;
use App\Http\Input\Address;
use App\Models\Person;
use App\Models\Upload;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Files in pieces. */
final readonly class UploadsController
{
    public function __construct(private ReceiveUpload $receive)
    {
    }

    public function store(UploadRequest $request): JsonResponse
    {
        $person = $request->user();

        return response()->json(['id' => $this->receive->begin($person instanceof Person ? $person : null, basename($request->string('name')->toString()), $request->size())->id], 201);
    }

    /** The next piece is the body; what does not follow what is there is answered with how much that is. */
    public function update(Request $request, Upload $upload): JsonResponse
    {
        $person = $request->user();
        abort_unless($upload->person_id === ($person instanceof Person ? $person->id : null), 404);
        $isTaken = $this->receive->append($upload, Address::of($request)->number('from') ?? 0, $request->getContent());

        return response()->json(['received' => $upload->refresh()->received], $isTaken ? 200 : 409);
    }
}
