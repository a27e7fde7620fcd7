<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\EmploymentBreaksFormat;
use App\Models\Person;
use App\Support\Language\ReaderLanguage;
use Illuminate\Database\Query\Builder;

/** `person_details.csv`: languages of people that are not the usual one, and breaks between two stretches of employment. */
final class PersonDetailsKind extends FileKind
{
    public function name(): string
    {
        return 'person_details';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function table(): string
    {
        return 'people';
    }

    public function columns(): array
    {
        return [
            Column::required('person', new CodeFormat, 'code'),
            Column::optional('language', new ChoiceFormat(...ReaderLanguage::languages()), config()->string('app.locale')),
            Column::optional('employment_breaks', new EmploymentBreaksFormat),
        ];
    }

    public function key(): array
    {
        return ['person'];
    }

    public function keyAttributes(): array
    {
        return ['code'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        return $codes->idOf('people', $row->string('person')) === null ? [$row->problem('person', ExchangeText::get('expected.known', ['what' => CodeTable::People->singular()]))] : [];
    }

    public function exported(): Builder
    {
        return Person::query()->toBase()->where(static fn (Builder $any): Builder => $any->where('language', '<>', config()->string('app.locale'))->orWhereNotNull('employment_breaks'))
            ->select('code AS person', 'language', 'employment_breaks')->orderBy('code');
    }
}
