<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\ChoicesFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\Question;
use App\Models\QuestionKind;
use Illuminate\Database\Query\Builder;

/** `questions.csv`: what is asked with every week; the answers are not exchanged. */
final class QuestionsKind extends FileKind
{
    public function name(): string
    {
        return 'questions';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::required('wording', new TextFormat(500)),
            Column::required('kind', new ChoiceFormat(...array_map(static fn (QuestionKind $kind): string => $kind->value, QuestionKind::cases()))),
            Column::optional('choices', new ChoicesFormat, '[]'),
            Column::optional('required', new YesNoFormat, 0),
            Column::required('starts_on', DayFormat::ofWork()),
            Column::optional('ends_on', DayFormat::ofWork()),
        ];
    }

    public function key(): array
    {
        return ['wording', 'starts_on'];
    }

    public function keyAttributes(): array
    {
        return ['wording', 'starts_on'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        return $this->checkOrder($row);
    }

    public function exported(): Builder
    {
        return Question::query()->toBase()->select('wording', 'kind', 'choices', 'required', 'starts_on', 'ends_on')->orderBy('starts_on')->orderBy('wording');
    }
}
