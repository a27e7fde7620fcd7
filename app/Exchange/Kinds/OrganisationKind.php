<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Format;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\CurrencyFormat;
use App\Exchange\Formats\PatternFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Exchange\Unreadable;
use App\Models\Organisation;
use App\Support\Database\Union;
use Illuminate\Database\Query\Builder;

/** `organisation.csv`: one setting a line. In the table they are the columns of its one row. */
final class OrganisationKind extends FileKind
{
    public const SETTINGS = ['name', 'currency', 'pattern', 'calendar', 'entry_step', 'approval', 'remaining_estimates', 'self_approve'];

    public function name(): string
    {
        return 'organisation';
    }

    public function table(): string
    {
        return 'organisations';
    }

    public function columns(): array
    {
        return [Column::required('key', new ChoiceFormat(...self::SETTINGS), ''), Column::required('value', new TextFormat(200), '')];
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
            $value = $this->format($row->string('key'))->read($row->string('value'));
        } catch (Unreadable $unreadable) {
            return [$row->problem('value', $unreadable->expected)];
        }

        return $row->string('key') === 'calendar' && $codes->idOf('calendars', (string) $value) === null
            ? [$row->problem('value', ExchangeText::get('expected.known', ['what' => ExchangeText::get('code_of.calendars')]))]
            : [];
    }

    public function further(FileRow $row, Codes $codes): array
    {
        $setting = $row->string('key');
        $value = $this->format($setting)->read($row->string('value'));

        return ['id' => 1] + match ($setting) {
            'calendar' => ['calendar_id' => $codes->idOf('calendars', (string) $value)],
            'remaining_estimates' => ['estimate_mode' => $value],
            default => [$setting => $value],
        };
    }

    public function exported(): Builder
    {
        $queries = array_map(static function (string $setting): Builder {
            $column = match ($setting) {
                'calendar' => 'calendars.code',
                'remaining_estimates' => 'organisations.estimate_mode',
                default => 'organisations.'.$setting,
            };

            return Organisation::query()->toBase()->leftJoin('calendars', 'calendars.id', 'organisations.calendar_id')
                ->selectRaw("'".$setting."' AS key, ".$column.' AS value')->whereNotNull($column);
        }, self::SETTINGS);

        return Union::of($queries);
    }

    public function printed(array $row): array
    {
        $setting = (string) $row['key'];

        return [$setting, $this->format($setting)->print((string) $row['value'])];
    }

    /** The format of a setting's value. */
    private function format(string $setting): Format
    {
        return match ($setting) {
            'currency' => new CurrencyFormat,
            'pattern' => new PatternFormat,
            'calendar' => new CodeFormat,
            'entry_step' => new WholeNumberFormat(1, 1440),
            'approval' => new ChoiceFormat('none', 'project', 'line', 'project+line'),
            'remaining_estimates' => new ChoiceFormat('immediate', 'notify', 'approve'),
            'self_approve' => new YesNoFormat,
            default => new TextFormat(200),
        };
    }
}
