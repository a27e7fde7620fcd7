<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\YesNoFormat;

/** What is set for teams, roles or clients beside their names, in a file of its own: those that are retired. */
abstract class DirectoryDetailsKind extends FileKind
{
    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function table(): string
    {
        return $this->codes()->value;
    }

    public function columns(): array
    {
        return [Column::required($this->codeColumn(), new CodeFormat, 'code'), Column::optional('retired', new YesNoFormat, 0, 'is_retired')];
    }

    public function key(): array
    {
        return [$this->codeColumn()];
    }

    public function keyAttributes(): array
    {
        return ['code'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        return $codes->idOf($this->table(), $row->string($this->codeColumn())) === null
            ? [$row->problem($this->codeColumn(), ExchangeText::get('expected.known', ['what' => $this->codes()->singular()]))]
            : [];
    }

    abstract protected function codes(): CodeTable;

    abstract protected function codeColumn(): string;
}
