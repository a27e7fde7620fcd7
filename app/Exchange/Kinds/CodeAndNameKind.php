<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\TextFormat;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Roles and clients: a code and a name. */
abstract class CodeAndNameKind extends FileKind
{
    public function columns(): array
    {
        return [Column::required($this->codeColumn(), new CodeFormat, 'code'), Column::required('name', new TextFormat(200))];
    }

    public function key(): array
    {
        return [$this->codeColumn()];
    }

    public function keyAttributes(): array
    {
        return ['code'];
    }

    public function declare(FileRow $row, Codes $codes): void
    {
        $codes->declare($this->table(), $row->string($this->codeColumn()));
    }

    public function exported(): Builder
    {
        return DB::table($this->table())->select('code AS '.$this->codeColumn(), 'name')->orderBy('code');
    }

    public function further(FileRow $row, Codes $codes): array
    {
        return ['id' => $codes->declare($this->table(), $row->string($this->codeColumn()))];
    }

    abstract protected function codeColumn(): string;
}
