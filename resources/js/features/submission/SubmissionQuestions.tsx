import { text } from '@/lib/text';
import type { QuestionProps, SubmissionProps } from '@/types/generated/props';
import { Select } from '@/ui/Select';
import type { SubmissionFields } from './useSubmission';

interface SubmissionQuestionsProps {
    summary: SubmissionProps;
    answers: Record<number, string>;
    isLacking: boolean;
    fields: SubmissionFields;
    onAnswer: (answers: Record<number, string>) => void;
}

/** The office's questions for the week. */
export function SubmissionQuestions({ summary, answers, isLacking, fields, onAnswer }: SubmissionQuestionsProps) {
    if (summary.questions.length === 0) {
        return null;
    }

    return (
        <div className="mt-2">
            <h3>{text.week.confirm.questions}</h3>
            {summary.questions.map((question) => (
                <Asked
                    key={question.id}
                    question={question}
                    answer={answers[question.id] ?? question.answer}
                    isLacking={isLacking}
                    field={(element) => {
                        fields.set(question.id, element);
                    }}
                    onAnswer={(answer) => {
                        onAnswer({ ...answers, [question.id]: answer });
                    }}
                />
            ))}
        </div>
    );
}

interface AskedProps {
    question: QuestionProps;
    answer: string;
    isLacking: boolean;
    field: (element: HTMLElement | null) => void;
    onAnswer: (answer: string) => void;
}

function Asked({ question, answer, isLacking, field, onAnswer }: AskedProps) {
    const lacks = isLacking && question.required && answer.trim() === '';
    const wording = `${question.wording}${question.required ? '' : ` (${text.week.confirm.optional})`}`;
    const choices: (readonly [string, string])[] =
        question.kind === 'yes/no'
            ? [
                  ['yes', text.week.confirm.answerYes],
                  ['no', text.week.confirm.answerNo],
              ]
            : question.choices.map((choice) => [choice, choice]);

    if (question.kind !== 'text') {
        return (
            <div className="mt-1">
                <Select
                    field={field}
                    label={wording}
                    value={answer}
                    isInvalid={lacks}
                    options={[['', text.week.confirm.choose], ...choices]}
                    onChoose={onAnswer}
                />
                {lacks && <p className="text-brick">{text.week.confirm.answerLacks}</p>}
            </div>
        );
    }

    return (
        <label className="mt-1 flex flex-col gap-0.5">
            <span>{wording}</span>
            <textarea
                ref={field}
                rows={1}
                maxLength={2000}
                value={answer}
                aria-invalid={lacks}
                className="field-sizing-content min-h-7 border-b border-edge bg-sheet px-2 py-0.5"
                onChange={(event) => {
                    onAnswer(event.target.value);
                }}
            />
            {lacks && <span className="text-brick">{text.week.confirm.answerLacks}</span>}
        </label>
    );
}
