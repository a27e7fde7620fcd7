<?php

declare(strict_types=1);

namespace App\Support\Files;

use App\Support\Language\Wording;
use Dompdf\Dompdf;
use Dompdf\Options;

/** A page of HTML as PDF on A4. Nothing is fetched, and nothing in it is run. */
final class PdfFile
{
    private const POINTS_OF_MARGIN = 34;

    private const GREY = [0.35, 0.4, 0.37];

    public static function of(string $html, bool $isWide): string
    {
        $pdf = new Dompdf(new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Serif', 'isFontSubsettingEnabled' => true, 'tempDir' => sys_get_temp_dir(), 'fontDir' => storage_path('framework/cache'), 'fontCache' => storage_path('framework/cache')]));
        $pdf->setPaper('A4', $isWide ? 'landscape' : 'portrait');
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();
        $canvas = $pdf->getCanvas();
        $canvas->page_text(self::POINTS_OF_MARGIN, $canvas->get_height() - 26, Wording::of('printed.page'), $pdf->getFontMetrics()->getFont('DejaVu Serif') ?? '', 7, self::GREY);

        return (string) $pdf->output();
    }
}
