<?php

declare(strict_types=1);

namespace App\Features\Compare\Controllers;

use App\Features\Compare\Actions\RecordExport;
use App\Features\Compare\Files\ComparisonFormat;
use App\Features\Compare\Files\ComparisonHeading;
use App\Features\Compare\Files\ComparisonLines;
use App\Features\Compare\Files\CsvComparison;
use App\Features\Compare\Files\JsonComparison;
use App\Features\Compare\Files\PdfComparison;
use App\Features\Compare\Files\SpreadsheetComparison;
use App\Features\Compare\Queries\ComparableWork;
use App\Features\Compare\Queries\ComparisonQuestion;
use App\Features\Compare\Queries\ComparisonReport;
use App\Features\Compare\Requests\CompareRequest;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Files\Spreadsheet\OdsFile;
use App\Support\Files\Spreadsheet\XlsxFile;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

/** A comparison as a file, in any of its formats. */
final readonly class ComparisonFileController
{
    public function __construct(private Today $today, private ComparisonReport $report, private PdfComparison $pdf)
    {
    }

    public function show(#[CurrentUser] Person $reader, ComparisonFormat $format, CompareRequest $request, RecordExport $export): Response
    {
        Gate::authorize('compare', $reader);
        $asked = $request->question($reader, $this->today->for($reader));
        $export->handle($reader, self::name($format, $asked), (string) $request->getQueryString());
        $comparison = ComparisonLines::of($this->report, ComparableWork::of($reader), $asked);
        $heading = ComparisonHeading::of($asked, $reader, $this->today->now());
        $currency = Organisation::query()->sole()->currency;

        return match ($format) {
            ComparisonFormat::Csv => self::streamed($format, $asked, static fn (): iterable => CsvComparison::lines($comparison)),
            ComparisonFormat::Json => self::streamed($format, $asked, static fn (): iterable => JsonComparison::pieces($comparison)),
            ComparisonFormat::Pdf => self::streamed($format, $asked, fn (): iterable => [$this->pdf->of($comparison, $heading, $currency)]),
            ComparisonFormat::Xlsx => self::written($format, $asked, SpreadsheetComparison::write(new XlsxFile, $comparison, $heading, $currency)),
            ComparisonFormat::Ods => self::written($format, $asked, SpreadsheetComparison::write(new OdsFile, $comparison, $heading, $currency)),
        };
    }

    /** @param  callable(): iterable<string>  $pieces */
    private static function streamed(ComparisonFormat $format, ComparisonQuestion $asked, callable $pieces): Response
    {
        return response()->streamDownload(static function () use ($pieces): void {
            foreach ($pieces() as $piece) {
                echo $piece;
            }
        }, self::name($format, $asked), ['Content-Type' => $format->mediaType()]);
    }

    private static function written(ComparisonFormat $format, ComparisonQuestion $asked, string $path): Response
    {
        return response()->download($path, self::name($format, $asked), ['Content-Type' => $format->mediaType()])->deleteFileAfterSend();
    }

    private static function name(ComparisonFormat $format, ComparisonQuestion $asked): string
    {
        $terms = $asked->terms;

        return sprintf('comparison-%s-%s-to-%s.%s', $terms->by->value, $terms->days->first()->toString(), $terms->days->last()->toString(), $format->value);
    }
}
