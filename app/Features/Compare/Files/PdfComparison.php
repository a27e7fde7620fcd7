<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

use App\Support\Files\PdfFile;
use Illuminate\Contracts\View\Factory;

/** A comparison on A4 with numbered pages. Of a long one the first groups, which it says. */
final readonly class PdfComparison
{
    /** Lines that are laid out in a few seconds. */
    private const MOST_LINES = 400;

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

        return PdfFile::of($html, $isWide);
    }
}
