<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Format;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Exchange\Unreadable;
use App\Models\Organisation;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\DayRange;

/** `settings.csv`: further settings of the organisation, one a line; only those that are not as an organisation begins. */
final class SettingsKind extends FileKind
{
    /** What an organisation begins with, by setting; each is a column of its one row. */
    private const USUAL = ['estimate_tolerance' => 240, 'week_due' => 1, 'shows_bill_value' => 0, 'takes_requests' => 0, 'anonymised_after' => null];

    public function name(): string
    {
        return 'settings';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function table(): string
    {
        return 'organisations';
    }

    public function columns(): array
    {
        return [Column::required('key', new ChoiceFormat(...array_keys(self::USUAL)), ''), Column::required('value', new TextFormat(20), '')];
    }

    public function key(): array
    {
        return ['key'];
    }

    public function keyAttributes(): array
    {
        return ['id'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        try {
            self::format($row->string('key'))->read($row->string('value'));
        } catch (Unreadable $unreadable) {
            return [$row->problem('value', $unreadable->expected)];
        }

        return [];
    }

    public function further(FileRow $row, Codes $codes): array
    {
        return ['id' => 1, $row->string('key') => self::format($row->string('key'))->read($row->string('value'))];
    }

    public function exported(): Builder
    {
        return Organisation::query()->toBase()->where(static function (Builder $any): void {
            foreach (self::USUAL as $setting => $usual) {
                $usual === null ? $any->orWhereNotNull($setting) : $any->orWhere($setting, '<>', $usual);
            }
        })->select(array_keys(self::USUAL));
    }

    public function printed(array $row): array
    {
        return [(string) $row['key'], self::format((string) $row['key'])->print((string) $row['value'])];
    }

    public function exportedRows(?DayRange $period = null): iterable
    {
        foreach (Record::all($this->exported()) as $organisation) {
            foreach (self::USUAL as $setting => $usual) {
                $value = $organisation->scalar($setting);
                if ($value !== $usual && $value !== null) {
                    yield $this->printed(['key' => $setting, 'value' => $value]);
                }
            }
        }
    }

    private static function format(string $setting): Format
    {
        return match ($setting) {
            'estimate_tolerance' => new WholeNumberFormat(0, 60_000),
            'week_due' => new WholeNumberFormat(0, 14),
            'anonymised_after' => new WholeNumberFormat(1, 600),
            default => new YesNoFormat,
        };
    }
}
