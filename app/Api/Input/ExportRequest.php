<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Exchange\FileKind;
use App\Exchange\Kinds\AllKinds;
use App\Exchange\Requests\ExportRequest as PageExportRequest;

/** Which files are exported. */
final class ExportRequest extends PageExportRequest implements DescribesBody
{
    public static function fields(): array
    {
        return [
            'kinds' => ['type' => 'array', 'minItems' => 1, 'items' => ['type' => 'string', 'enum' => array_map(static fn (FileKind $kind): string => $kind->file(), AllKinds::list())]],
            'from' => ['type' => ['string', 'null'], 'format' => 'date', 'description' => 'The first day of what lies on days; everything where it is not said.'],
            'to' => ['type' => ['string', 'null'], 'format' => 'date'],
        ];
    }

    public static function required(): array
    {
        return ['kinds'];
    }
}
