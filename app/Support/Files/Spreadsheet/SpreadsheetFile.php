<?php

declare(strict_types=1);

namespace App\Support\Files\Spreadsheet;

use RuntimeException;
use ZipArchive;

/** A spreadsheet with one sheet, written row by row to disk, however many rows there are. */
abstract class SpreadsheetFile
{
    /** Rows are gathered, so that not each of them is a write of its own. */
    private const GATHERED = 65_536;

    private string $gathered = '';

    /** @var resource */
    private $sheet;

    private readonly string $sheetPath;

    public function __construct()
    {
        $this->sheetPath = self::temporaryPath();
        $sheet = fopen($this->sheetPath, 'w');
        $this->sheet = $sheet === false ? throw new RuntimeException('cannot write a temporary file') : $sheet;
        $this->write($this->beginning());
    }

    /** @param  iterable<list<SheetCell>>  $rows */
    public function add(iterable $rows): void
    {
        foreach ($rows as $row) {
            $this->write($this->row($row));
        }
    }

    /**
     * Ends the sheet and packs it.
     *
     * @return string path of the file, which whoever asked removes
     */
    public function finish(): string
    {
        $this->write($this->end());
        fwrite($this->sheet, $this->gathered);
        fclose($this->sheet);
        $path = self::temporaryPath();
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($this->parts() as $name => $contents) {
            $zip->addFromString($name, $contents);
            // Whoever looks at the first bytes of the file tells by them what it is.
            $zip->setCompressionName($name, $name === 'mimetype' ? ZipArchive::CM_STORE : ZipArchive::CM_DEFLATE);
        }
        $zip->addFile($this->sheetPath, $this->sheetName());
        $isPacked = $zip->close();
        unlink($this->sheetPath);

        return $isPacked ? $path : throw new RuntimeException('cannot pack a spreadsheet');
    }

    abstract protected function beginning(): string;

    /** @param  list<SheetCell>  $cells */
    abstract protected function row(array $cells): string;

    abstract protected function end(): string;

    abstract protected function sheetName(): string;

    /** @return array<string, string> what lies beside the sheet, by name, in their order */
    abstract protected function parts(): array;

    /** Text of an XML document; what no such document may hold is left out. */
    protected static function xml(string $text): string
    {
        return htmlspecialchars((string) preg_replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', $text), ENT_XML1 | ENT_QUOTES, 'UTF-8');
    }

    private function write(string $text): void
    {
        $this->gathered .= $text;
        if (strlen($this->gathered) > self::GATHERED) {
            fwrite($this->sheet, $this->gathered);
            $this->gathered = '';
        }
    }

    private static function temporaryPath(): string
    {
        $path = tempnam(sys_get_temp_dir(), 'sheet');

        return $path === false ? throw new RuntimeException('no place for a temporary file') : $path;
    }
}
