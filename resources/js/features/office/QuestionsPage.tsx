import { route } from '@/lib/route';
import { wholeDate } from '@/lib/days';
import { printList } from '@/lib/numbers';
import { officeText } from '@/lib/officeText';
import type { OfficeQuestionProps, QuestionKind } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { OfficeShell } from './OfficeShell';

const kinds: QuestionKind[] = ['yes/no', 'choice', 'text'];

/** What the office asks with every week. */
export function QuestionsPage({ questions, monday }: { questions: OfficeQuestionProps[]; monday: string }) {
    const copy = officeText.officePage.questions;

    return (
        <OfficeShell title={copy.name} finding={copy.finding(questions.filter(({ to }) => to === null).length)}>
            <ul className="mt-2 max-w-4xl">
                {questions.map((question) => (
                    <li key={question.id} className="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-1">
                        <span className={question.to === null ? 'grow' : 'grow text-faded'}>
                            {question.wording}{' '}
                            <span className="pencilled">
                                {[
                                    question.kind === 'choice' ? printList(question.choices) : copy.kinds[question.kind],
                                    question.required ? copy.required : copy.optional,
                                    question.to === null
                                        ? copy.from(wholeDate(question.from))
                                        : copy.between(wholeDate(question.from), wholeDate(question.to)),
                                    copy.answers(question.answers),
                                ].join('; ')}
                            </span>
                        </span>
                        {question.to === null && (
                            <button
                                type="button"
                                className="act-quiet"
                                aria-label={copy.endOf(question.wording)}
                                onClick={() => {
                                    router.delete(route('office.questions.end', { question: question.id }), {
                                        preserveScroll: true,
                                    });
                                }}
                            >
                                {copy.end}
                            </button>
                        )}
                    </li>
                ))}
            </ul>
            <QuestionForm key={questions.length} monday={monday} />
        </OfficeShell>
    );
}

function QuestionForm({ monday }: { monday: string }) {
    const copy = officeText.officePage.questions;
    const [kind, setKind] = useState<QuestionKind>('yes/no');

    return (
        <form
            className="mt-4 flex max-w-3xl flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                const said = Object.fromEntries(new FormData(event.currentTarget));
                router.post(
                    route('office.questions.ask'),
                    { ...said, kind, required: said.required === 'on' },
                    { preserveScroll: true },
                );
            }}
        >
            <Field label={copy.wording} name="wording" required maxLength={500} className="w-96 max-w-full" />
            <Select
                label={copy.kind}
                value={kind}
                options={kinds.map((one) => [one, copy.kinds[one]])}
                onChoose={(value) => {
                    setKind(value as QuestionKind);
                }}
            />
            {kind === 'choice' && <Field label={copy.choices} name="choices" required maxLength={1000} className="w-72" />}
            <DateField label={copy.since} name="from" required defaultValue={monday} />
            <Checkbox label={copy.required} name="required" />
            <button type="submit" className="act act-main">
                {copy.ask}
            </button>
            <div className="w-full">
                <FieldError />
            </div>
        </form>
    );
}
