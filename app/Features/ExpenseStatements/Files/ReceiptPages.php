<?php

declare(strict_types=1);

namespace App\Features\ExpenseStatements\Files;

use App\Models\Receipt;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\Process;
use setasign\Fpdi\Fpdi;
use setasign\Fpdi\FpdiException;
use setasign\Fpdi\PdfParser\StreamReader;

/** Puts receipts behind a PDF, each page with the number of its expense: pictures as they are, PDF page by page. */
final class ReceiptPages
{
    private const MOST_RECEIPTS = 300;

    /** Millimetres. */
    private const MARGIN = 12;

    private const CAPTION = 8;

    /** Width and height. */
    private const A4 = [210, 297];

    private const SECONDS = 30;

    /** @param  array<int, int>  $expenses  the number of each in the statement */
    public function behind(string $pdf, array $expenses): string
    {
        $receipts = Receipt::query()->whereIntegerInRaw('expense_id', array_keys($expenses))->orderBy('expense_id')->orderBy('id')->limit(self::MOST_RECEIPTS)->get();
        if ($receipts->isEmpty()) {
            return $pdf;
        }
        $whole = new Fpdi;
        $whole->SetAutoPageBreak(false);
        $this->add($whole, StreamReader::createByString($pdf), '');
        foreach ($receipts as $receipt) {
            $caption = Wording::of('expense_statements.receipt', ['number' => $expenses[$receipt->expense_id ?? 0] ?? 0, 'name' => $receipt->name]);
            match (true) {
                ! is_file($receipt->path()) => self::page($whole, Wording::of('expense_statements.receipt_missing', ['receipt' => $caption])),
                $receipt->isPicture() => self::picture($whole, $receipt->path(), $caption),
                default => $this->pdf($whole, $receipt->path(), $caption),
            };
        }

        $pdf = $whole->Output('S');

        return is_string($pdf) ? $pdf : '';
    }

    private function pdf(Fpdi $whole, string $path, string $caption): void
    {
        try {
            $this->add($whole, $path, $caption);
        } catch (FpdiException) {
            // Newer ones are packed so that they cannot be taken over; then pictures of their pages are.
            $stem = tempnam(sys_get_temp_dir(), 'receipt');
            Process::timeout(self::SECONDS)->run(['pdftoppm', '-jpeg', '-r', '110', '-l', '20', $path, (string) $stem]);
            $pages = glob($stem.'*.jpg') ?: [];
            foreach ($pages as $page) {
                self::picture($whole, $page, $caption);
                unlink($page);
            }
            unlink((string) $stem);
            if ($pages === []) {
                self::page($whole, Wording::of('expense_statements.receipt_packed', ['receipt' => $caption]));
            }
        }
    }

    /**
     * All pages of a PDF.
     *
     * @throws FpdiException
     */
    private function add(Fpdi $whole, StreamReader|string $pdf, string $caption): void
    {
        $pages = $whole->setSourceFile($pdf);
        for ($number = 1; $number <= $pages; $number++) {
            $page = $whole->importPage($number);
            $size = $whole->getTemplateSize($page);
            [$width, $height] = is_array($size) ? [self::number($size['width'] ?? null), self::number($size['height'] ?? null)] : self::A4;
            if ($caption === '') {
                $whole->AddPage($width > $height ? 'L' : 'P', [$width, $height]);
                $whole->useTemplate($page);

                continue;
            }
            self::page($whole, $caption);
            [$width, $height] = self::fitting($width, $height);
            $whole->useTemplate($page, self::MARGIN, self::MARGIN + self::CAPTION, $width, $height);
        }
    }

    private static function picture(Fpdi $whole, string $path, string $caption): void
    {
        self::page($whole, $caption);
        [$width, $height] = getimagesize($path) ?: [1, 1];
        [$width, $height] = self::fitting($width, $height);
        $whole->Image($path, self::MARGIN, self::MARGIN + self::CAPTION, $width, $height, 'JPG');
    }

    /** An A4 page with a line above. */
    private static function page(Fpdi $whole, string $caption): void
    {
        $whole->AddPage('P', 'A4');
        $whole->SetFont('Helvetica', '', 9);
        $whole->SetXY(self::MARGIN, self::MARGIN);
        // Its own fonts have the letters of western languages.
        $whole->Cell(0, self::CAPTION - 3, (string) iconv('UTF-8', 'windows-1252//TRANSLIT//IGNORE', $caption));
    }

    /** @return array{int|float, int|float} width and height that fit below the line, no larger than on a page of its own */
    private static function fitting(int|float $width, int|float $height): array
    {
        $scale = min((self::A4[0] - 2 * self::MARGIN) / $width, (self::A4[1] - 2 * self::MARGIN - self::CAPTION) / $height);

        return [$width * $scale, $height * $scale];
    }

    private static function number(mixed $size): int|float
    {
        return is_int($size) || is_float($size) ? max(1, $size) : 1;
    }
}
