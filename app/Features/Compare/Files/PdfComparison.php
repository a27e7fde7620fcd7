<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

use App\Support\Language\Wording;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\Factory;

/** A comparison on A4 with numbered pages. Of a long one the first groups, which it says. */
final readonly class PdfComparison
{
    /** Lines that are laid out in a few seconds. */
    private const MOST_LINES = 400;

    private const POINTS_OF_MARGIN = 34;

    private const GREY = [0.35, 0.4, 0.37];

    public function __construct(private Factory $views)
    {
    }

    public function of(ComparisonLines $comparison, ComparisonHeading $heading, string $currency): string
    {
        $lines = [];
        $all = 0;
        foreach ($comparison->lines() as $line) {
            if ($all++ < self::MOST_LINES) {
                $lines[] = $line;
            }
        }
        $isWide = count($comparison->asked->terms->fitting()) + count($comparison->periods) > 6;
        $html = $this->views->make('comparison', ['comparison' => $comparison, 'heading' => $heading, 'currency' => $currency, 'lines' => $lines, 'all' => $all])->render();
        $options = new Options(['isRemoteEnabled' => false, 'isPhpEnabled' => false, 'defaultFont' => 'DejaVu Serif', 'isFontSubsettingEnabled' => true, 'tempDir' => sys_get_temp_dir(), 'fontDir' => storage_path('framework/cache'), 'fontCache' => storage_path('framework/cache')]);
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4', $isWide ? 'landscape' : 'portrait');
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();
        $canvas = $pdf->getCanvas();
        $canvas->page_text(self::POINTS_OF_MARGIN, $canvas->get_height() - 26, Wording::of('compare.page'), $pdf->getFontMetrics()->getFont('DejaVu Serif') ?? '', 7, self::GREY);

        return (string) $pdf->output();
    }
}
