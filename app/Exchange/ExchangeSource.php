<?php

declare(strict_types=1);

namespace App\Exchange;

use ZipArchive;

/** The files of an exchange: a folder of CSV files, or a ZIP of one. */
final readonly class ExchangeSource
{
    /** A ZIP that would unpack to more is refused unread. */
    private const LARGEST = 512 * 1024 * 1024;

    /** @param  array<string, string>  $files  contents by file name */
    private function __construct(private array $files)
    {
    }

    /** @throws ImportRefused */
    public static function at(string $path): self
    {
        if (is_dir($path)) {
            $files = [];
            foreach (scandir($path) ?: [] as $name) {
                if (str_ends_with($name, '.csv')) {
                    $files[$name] = (string) file_get_contents($path.'/'.$name);
                }
            }

            return self::withFiles($files, $path);
        }
        if (is_file($path) && str_ends_with(strtolower($path), '.zip')) {
            return self::withFiles(self::unzipped($path), $path);
        }
        throw ImportRefused::because(new Problem($path, null, null, null, ExchangeText::get('no_source')));
    }

    public function contents(string $file): ?string
    {
        return $this->files[$file] ?? null;
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->files);
    }

    /** @param  array<string, string>  $files */
    private static function withFiles(array $files, string $path): self
    {
        if ($files === []) {
            throw ImportRefused::because(new Problem($path, null, null, null, ExchangeText::get('empty_source')));
        }

        return new self($files);
    }

    /** @return array<string, string> */
    private static function unzipped(string $path): array
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw ImportRefused::because(new Problem($path, null, null, null, ExchangeText::get('no_zip')));
        }
        $files = [];
        $size = 0;
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $entry = $zip->statIndex($index);
            if ($entry === false || ! str_ends_with($entry['name'], '.csv') || str_contains($entry['name'], '__MACOSX')) {
                continue;
            }
            $size += $entry['size'];
            if ($size > self::LARGEST) {
                throw ImportRefused::because(new Problem($path, null, null, null, ExchangeText::get('large_source')));
            }
            $files[basename($entry['name'])] = (string) $zip->getFromIndex($index);
        }
        $zip->close();

        return $files;
    }
}
