<?php

declare(strict_types=1);

namespace App\Support\Console;

use App\Support\Clock\Today;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Calendar\Week;

/** Reads options of the figure commands; what cannot be read is refused with a sentence. */
trait ReadsOptions
{
    use WritesErrors;

    private function argumentText(string $argument): string
    {
        $value = $this->argument($argument);

        return is_string($value) ? $value : '';
    }

    private function text(string $option): ?string
    {
        $value = $this->option($option);

        return is_string($value) && $value !== '' ? $value : null;
    }

    /** @return list<string> of an option that can be given more than once */
    private function texts(string $option): array
    {
        return array_map(static fn (mixed $text): string => is_string($text) ? $text : '', array_values((array) $this->option($option)));
    }

    /** @throws OptionRefused */
    private function oneOf(string $option, string ...$choices): string
    {
        $value = $this->text($option);

        return $value !== null && in_array($value, $choices, true)
            ? $value
            : throw OptionRefused::because('choice', ['option' => $option, 'value' => $value ?? '', 'choices' => implode(', ', $choices)]);
    }

    /** @throws OptionRefused */
    private function day(string $option): ?Day
    {
        $value = $this->text($option);
        if ($value === null) {
            return null;
        }
        try {
            return Day::of($value);
        } catch (NotADay) {
            throw OptionRefused::because('day', ['option' => $option, 'value' => $value]);
        }
    }

    /** @throws OptionRefused */
    private function week(string $option): Week
    {
        try {
            return Week::of($this->text($option) ?? '');
        } catch (NotADay $refused) {
            throw OptionRefused::because('week', ['value' => $refused->text]);
        }
    }

    /** @throws OptionRefused */
    private function today(Today $clock): Day
    {
        return $this->day('today') ?? $clock->in('UTC');
    }

    /**
     * @return list<string>
     *
     * @throws OptionRefused if there is no row of that code
     */
    private function codes(string $option, string $table): array
    {
        $named = $this->texts($option);
        $known = $named === [] ? [] : Record::all(DB::table($table)->whereIn('code', $named)->select('code'));
        foreach (array_diff($named, array_map(static fn (Record $record): string => $record->string('code'), $known)) as $unknown) {
            throw OptionRefused::because('code', ['option' => $option, 'value' => $unknown]);
        }

        return $named;
    }
}
