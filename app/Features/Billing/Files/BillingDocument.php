<?php

declare(strict_types=1);

namespace App\Features\Billing\Files;

use App\Models\BillingFile;
use App\Models\BillingKind;
use App\Models\BillingMapping;
use App\Models\Organisation;
use App\Pay\PayPremiums;
use App\Support\Files\CsvFile;
use App\Support\Files\MadeBy;
use App\Support\Files\PdfFile;
use App\Support\Files\Spreadsheet\SheetCell;
use App\Support\Files\Spreadsheet\XlsxFile;
use App\Support\Files\SpreadsheetText;
use App\Support\Language\LocalFormat;
use App\Support\Language\Wording;
use DateTimeImmutable;
use Illuminate\Contracts\View\Factory;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;
use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\Minutes;

/** A billing file as CSV, XLSX or PDF, by a mapping: exact hours and cents, and the total. */
final readonly class BillingDocument
{
    /** Rows that are laid out in a few seconds. */
    private const MOST_ROWS = 400;

    /** Columns that have room beside each other in letters of the usual size. */
    private const MOST_COLUMNS = 12;

    /** What no spreadsheet takes for a formula, whatever it begins with. */
    private const NUMBERS = ['hours', 'minutes', 'rate', 'amount'];

    public function __construct(private Factory $views)
    {
    }

    /** @return iterable<string> piece by piece */
    public function csv(BillingFile $file, BillingMapping $mapping): iterable
    {
        yield CsvFile::write([array_values($mapping->columns)]);
        foreach (BillingRows::of($file, $mapping->detail) as $row) {
            yield CsvFile::write([array_map(static fn (string $column): string => in_array($column, self::NUMBERS, true) ? self::number($row, $column) : SpreadsheetText::guarded(self::text($row, $column)), array_keys($mapping->columns))]);
        }
    }

    /** @return string path of the file, which whoever asked removes */
    public function xlsx(BillingFile $file, BillingMapping $mapping): string
    {
        $sheet = new XlsxFile;
        $sheet->add([array_map(SheetCell::heading(...), array_values($mapping->columns))]);
        foreach (BillingRows::of($file, $mapping->detail) as $row) {
            $sheet->add([array_map(static fn (string $column): SheetCell => match ($column) {
                'hours' => SheetCell::hours(Minutes::of((int) $row['minutes'])),
                'amount' => SheetCell::money($row['amount'] === null ? null : Money::ofCents((int) $row['amount'])),
                default => SheetCell::text(self::text($row, $column)),
            }, array_keys($mapping->columns))]);
        }

        return $sheet->finish();
    }

    public function pdf(BillingFile $file, BillingMapping $mapping): string
    {
        $columns = $mapping->exists ? $mapping->columns : BillingColumns::toRead($file);
        $premiums = PayPremiums::load();
        $rows = [];
        $all = 0;
        foreach (BillingRows::of($file, $mapping->detail) as $row) {
            if ($all++ < self::MOST_ROWS) {
                $rows[] = array_map(static fn (string $column): string => $mapping->exists ? self::text($row, $column) : self::printed($row, $column, $premiums), array_keys($columns));
            }
        }
        $html = $this->views->make('billing', [
            'file' => $file, 'title' => self::title($file), 'headings' => array_values($columns), 'rows' => $rows, 'all' => $all, 'hours' => LocalFormat::decimal(HoursFormat::exact($file->minutes)), 'made' => MadeBy::of($file->madeBy, new DateTimeImmutable($file->made_at)),
            'numbers' => array_keys(array_intersect(array_keys($columns), self::NUMBERS)), 'isNarrow' => count($columns) > self::MOST_COLUMNS,
            'amount' => $file->kind === BillingKind::Bill ? Organisation::query()->sole()->currency.' '.LocalFormat::decimal($file->amount_cents->toString()) : null,
        ])->render();

        return PdfFile::of($html, count($columns) > 6);
    }

    public static function title(BillingFile $file): string
    {
        return Wording::of('billing.title_'.$file->kind->value, ['client' => $file->client->name ?? Wording::of('billing.all_clients'), 'first' => LocalFormat::wholeDay($file->starts_on), 'last' => LocalFormat::wholeDay($file->ends_on)]);
    }

    /**
     * Hours as decimals, to ten places, so that not a minute is lost.
     *
     * @param  array<string, string|int|null>  $row
     */
    private static function number(array $row, string $column): string
    {
        return $column === 'hours' ? SheetCell::hours(Minutes::of((int) $row['minutes']))->value : self::text($row, $column);
    }

    /**
     * As people read it, where nobody chose columns for another program.
     *
     * @param  array<string, string|int|null>  $row
     */
    private static function printed(array $row, string $column, PayPremiums $premiums): string
    {
        $text = self::text($row, $column);

        return match (true) {
            $text === '' => '',
            $column === 'date' || $column === 'corrects' => str_replace(' ', "\u{00A0}", LocalFormat::wholeDay(Day::of($text))),
            in_array($column, self::NUMBERS, true) => LocalFormat::decimal($text),
            $column === 'kind_of_pay' => $premiums->name($text),
            default => $text,
        };
    }

    /** @param  array<string, string|int|null>  $row */
    private static function text(array $row, string $column): string
    {
        return match ($column) {
            'hours' => HoursFormat::exact(Minutes::of((int) $row['minutes'])),
            'amount' => $row['amount'] === null ? '' : Money::ofCents((int) $row['amount'])->toString(),
            default => (string) ($row[$column] ?? ''),
        };
    }
}
