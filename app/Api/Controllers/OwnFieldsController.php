<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\OpenApi\Describes;
use App\Api\Resources\ChargeCodePart;
use App\Api\Resources\ChargeCodes;
use App\Api\Resources\CodeAndName;
use App\Api\Resources\OwnField as OwnFieldResource;
use App\Api\Resources\OwnFields;
use App\ChargeCodes\Compositions;
use App\Models\Client;
use App\OwnFields\OwnFieldList;
use Illuminate\Http\JsonResponse;
use Moss\Core\ChargeCodes\CodedPart;
use Moss\Core\ChargeCodes\Combination;
use Moss\Core\ChargeCodes\PartCode;
use Moss\Core\OwnFields\FieldChoice;
use Moss\Core\OwnFields\OwnField;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What the office added to entries, tasks, projects and people, and what charge codes of clients are composed of. */
final class OwnFieldsController
{
    #[Describes('Own fields that are in use.', OwnFields::class)]
    public function index(): JsonResponse
    {
        return new JsonResponse(new OwnFields(array_values(array_map(static fn (OwnField $field): OwnFieldResource => new OwnFieldResource(
            $field->code, $field->name, $field->subject, $field->kind, $field->isRequired, $field->from?->toString(), $field->team, $field->client,
            array_values(array_map(static fn (FieldChoice $choice): CodeAndName => new CodeAndName($choice->code, $choice->name), array_filter($field->choices, static fn (FieldChoice $choice): bool => ! $choice->isRetired))),
        ), OwnFieldList::all()->fields()))));
    }

    #[Describes('What the charge codes of a client are composed of.', ChargeCodes::class)]
    public function chargeCodes(Client $client): JsonResponse
    {
        $composition = Compositions::of([$client->id])->ofClient($client->id) ?? throw new NotFoundHttpException;

        return new JsonResponse(new ChargeCodes(
            $composition->separator,
            array_map(static fn (CodedPart $part): ChargeCodePart => new ChargeCodePart(
                $part->name, array_values(array_map(static fn (PartCode $code): CodeAndName => new CodeAndName($code->code, $code->name), array_filter($part->codes, static fn (PartCode $code): bool => ! $code->isRetired))),
            ), $composition->parts),
            array_map(static fn (Combination $combination): string => $combination->toString(), $composition->combinations),
        ));
    }
}
