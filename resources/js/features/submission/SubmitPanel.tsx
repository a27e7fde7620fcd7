import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat } from '@/types/generated/props';
import { useState } from 'react';
import { RadioGroup } from '@/ui/RadioGroup';
import { TryAgain } from '@/ui/TryAgain';
import { SubmissionFindings } from './SubmissionFindings';
import { SubmissionHours } from './SubmissionHours';
import { SubmissionQuestions } from './SubmissionQuestions';
import { useSubmission, type Submission } from './useSubmission';
import type { Going, SubmittedDays } from './useSummary';

export interface Part {
    name: string;
    places: Going[] | null;
}

export interface SubmitPanelProps {
    title: string;
    at: SubmittedDays;
    /** Minutes on these days: what can go, what is entered, and what is expected. */
    open: number;
    entered: number;
    expected: number;
    format: HoursFormat;
    /** Typed values that the server does not have; with any, nothing can be submitted. */
    unsaved: number;
    isSaving: boolean;
    /** What can go: all of it first, then the line and the selection that one is on. */
    parts: readonly [Part, ...Part[]];
    onClose: () => void;
}

/** Sums up in the margin what would go, asks what is to be asked, and sends it. */
export function SubmitPanel(props: SubmitPanelProps) {
    const { title, open, format, unsaved, parts, onClose } = props;
    const [chosen, choose] = useState(0);
    const { yes, no, ...going } = useSubmission(props, (parts[chosen] ?? parts[0]).places);
    const { summary, isEmpty, isBlocked } = going;

    return (
        <section
            aria-labelledby="submit-title"
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    onClose();
                }
            }}
        >
            <h2 id="submit-title">{title}</h2>
            {parts.length > 1 && (
                <RadioGroup
                    className="mt-1"
                    label={text.week.confirm.what}
                    options={parts.map(({ name }, index) => [String(index), name])}
                    value={String(chosen)}
                    onChoose={(index) => {
                        choose(Number(index));
                    }}
                />
            )}
            <SubmissionSummary {...props} going={going} />
            <div className="mt-3 flex flex-wrap gap-2">
                {!isEmpty && (
                    <button
                        ref={yes}
                        type="button"
                        disabled={going.isGoing || isBlocked || unsaved > 0}
                        className="act act-main"
                        onClick={going.send}
                    >
                        {text.week.confirm.yes(hoursWithUnit(summary?.minutes ?? open, format))}
                    </button>
                )}
                <button ref={no} type="button" className="act" onClick={onClose}>
                    {text.week.confirm.no}
                </button>
            </div>
        </section>
    );
}

/** What would go and what is asked about it, or why nothing can go yet. */
function SubmissionSummary({
    entered,
    expected,
    format,
    unsaved,
    going,
}: SubmitPanelProps & { going: Omit<Submission, 'yes' | 'no'> }) {
    const { summary, isLost, isEmpty, isLacking } = going;
    if (isEmpty) {
        return <p className="mt-1">{text.week.confirm.nothing}</p>;
    }
    if (isLost && unsaved === 0) {
        return <TryAgain says={text.week.confirm.lost} onAgain={going.tryAgain} />;
    }
    if (summary === null) {
        return <p className="pencilled mt-1">{unsaved > 0 ? text.week.unsaved(unsaved) : text.week.confirm.comes}</p>;
    }

    return (
        <>
            <SubmissionHours summary={summary} entered={entered} expected={expected} format={format} />
            <SubmissionFindings
                summary={summary}
                given={going.explanations}
                isLacking={isLacking}
                fields={going.fields}
                onSay={going.setExplanations}
            />
            <SubmissionQuestions
                summary={summary}
                answers={going.answers}
                isLacking={isLacking}
                fields={going.fields}
                onAnswer={going.setAnswers}
            />
        </>
    );
}
