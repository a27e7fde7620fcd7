<?php

declare(strict_types=1);

namespace App\Features\Receipts\Reading;

use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Process;
use Smalot\PdfParser\Config;
use Smalot\PdfParser\Parser;
use Throwable;

/** PDF by a library; pictures by Tesseract, where the computer has it. */
final class WordsOfFiles implements ReceiptWords
{
    private const SECONDS = 60;

    private const MOST_PAGES = 10;

    public function of(string $path, string $mediaType): string
    {
        try {
            return $mediaType === 'application/pdf' ? self::pdf($path) : self::picture($path);
        } catch (Throwable $fault) {
            Log::notice('A receipt could not be read.', ['fault' => $fault->getMessage()]);

            return '';
        }
    }

    private static function pdf(string $path): string
    {
        $config = new Config;
        // Pictures are not needed, and may be large.
        $config->setRetainImageContent(false);
        $config->setDecodeMemoryLimit(64 * 1_048_576);
        $pages = array_slice((new Parser([], $config))->parseFile($path)->getPages(), 0, self::MOST_PAGES);

        return implode("\n", array_map(static fn ($page): string => $page->getText(), $pages));
    }

    private static function picture(string $path): string
    {
        $result = Process::timeout(self::SECONDS)->run(['tesseract', $path, 'stdout', '--psm', '4']);

        return $result->successful() ? $result->output() : '';
    }
}
