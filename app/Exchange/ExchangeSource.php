<?php

declare(strict_types=1);

namespace App\Exchange;

use ZipArchive;

/** The files of an exchange, each read as a stream: a folder of CSV files, or a ZIP of one. Names count in small letters. */
final readonly class ExchangeSource
{
    /** A ZIP that would unpack to more is refused unread. */
    private const LARGEST = 2048 * 1024 * 1024;

    /**
     * @param  array<string, string|int>  $files  path, or place in the ZIP, by file name
     * @param  list<FileProblem>  $problems  what is there and cannot be read
     */
    private function __construct(private ?ZipArchive $zip, private array $files, public array $problems)
    {
    }

    /** @throws ImportRefused */
    public static function at(string $path): self
    {
        return match (true) {
            is_dir($path) => self::ofFolder($path),
            is_file($path) && str_ends_with(strtolower($path), '.zip') => self::ofZip($path),
            default => throw ImportRefused::because(new FileProblem($path, null, null, null, ExchangeText::get('no_source'))),
        };
    }

    /** @return resource|null from its beginning; null where there is no such file */
    public function stream(string $file)
    {
        $place = $this->files[$file] ?? null;
        $stream = match (true) {
            $place === null => false,
            is_string($place) => fopen($place, 'r'),
            default => $this->zip?->getStreamIndex($place) ?? false,
        };

        return $stream === false ? null : $stream;
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->files);
    }

    private static function ofFolder(string $path): self
    {
        $found = [];
        foreach (scandir($path) ?: [] as $name) {
            if (self::isCsv($name)) {
                $found[] = [$name, $path.'/'.$name, is_file($path.'/'.$name)];
            }
        }

        return self::of(null, $found, $path);
    }

    private static function ofZip(string $path): self
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw ImportRefused::because(new FileProblem($path, null, null, null, ExchangeText::get('no_zip')));
        }
        $found = [];
        $size = 0;
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $entry = $zip->statIndex($index);
            if ($entry === false || ! self::isCsv(basename($entry['name'])) || str_contains($entry['name'], '__MACOSX')) {
                continue;
            }
            $size += $entry['size'];
            if ($size > self::LARGEST) {
                throw ImportRefused::because(new FileProblem($path, null, null, null, ExchangeText::get('large_source')));
            }
            $found[] = [basename($entry['name']), $index, ! str_ends_with($entry['name'], '/')];
        }

        return self::of($zip, $found, $path);
    }

    /** @param  list<array{string, string|int, bool}>  $found  name, place, and whether it is a file */
    private static function of(?ZipArchive $zip, array $found, string $path): self
    {
        if ($found === []) {
            throw ImportRefused::because(new FileProblem($path, null, null, null, ExchangeText::get('empty_source')));
        }
        $files = [];
        $problems = [];
        foreach ($found as [$name, $place, $isFile]) {
            $known = strtolower($name);
            if (! $isFile) {
                $problems[] = new FileProblem($name, null, null, null, ExchangeText::get('expected.file'));
            } elseif (isset($files[$known])) {
                $problems[] = new FileProblem($name, null, null, null, ExchangeText::get('expected.file_once', ['file' => $known]));
            } else {
                $files[$known] = $place;
            }
        }

        return new self($zip, $files, $problems);
    }

    private static function isCsv(string $name): bool
    {
        return str_ends_with(strtolower($name), '.csv') && ! str_starts_with($name, '.');
    }
}
