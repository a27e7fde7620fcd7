import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import type { HoursFormat, TotalsProps, WeekProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useEffect, useRef, useState } from 'react';
import { RadioGroup } from '@/ui/RadioGroup';
import { findingKey, explanationOf } from './findings';
import { SubmissionFindings } from './SubmissionFindings';
import { SubmissionHours } from './SubmissionHours';
import { SubmissionQuestions } from './SubmissionQuestions';
import { useSummary, type Going } from './useSummary';

export interface Part {
    name: string;
    places: Going[] | null;
}

interface SubmitPanelProps {
    sheet: WeekProps;
    totals: TotalsProps;
    format: HoursFormat;
    /** Typed values that the server does not have; with any, nothing can be submitted. */
    unsaved: number;
    isSaving: boolean;
    /** What can go: the week first, then the line and the selection that one is on. */
    parts: readonly [Part, ...Part[]];
    onClose: () => void;
}

/** Sums up in the margin what would go, asks what is to be asked, and sends it. */
export function SubmitPanel({ sheet, totals, format, unsaved, isSaving, parts, onClose }: SubmitPanelProps) {
    const yes = useRef<HTMLButtonElement>(null);
    const panel = useRef<HTMLElement>(null);
    const [chosen, choose] = useState(0);
    const [explanations, setExplanations] = useState<Record<string, string>>({});
    const [answers, setAnswers] = useState<Record<number, string>>({});
    const [going, setGoing] = useState(false);
    const [isLacking, setLacking] = useState(false);
    const { places } = parts[chosen] ?? parts[0];
    const { summary, isLost } = useSummary(sheet.address, places, !isSaving && unsaved === 0);
    const open = (totals.states.draft ?? 0) + (totals.states.returned ?? 0);
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const blocked = summary?.findings.some(({ severity }) => severity === 'blocking') ?? false;
    const isEmpty = open === 0 || summary?.minutes === 0;
    const mayGo = summary !== null && !isEmpty && !blocked;

    useEffect(() => {
        (panel.current?.querySelector<HTMLElement>('[data-first]') ?? yes.current)?.focus();
    }, [mayGo]);

    // Whoever presses before it is added up has pressed: it goes as soon as it is.
    const hasty = useRef(false);
    const send = useStable(() => {
        if (summary === null) {
            hasty.current = true;

            return;
        }
        const asked = summary.findings.filter(({ severity }) => severity === 'explanation');
        const given = asked.map((finding) => explanationOf(finding, explanations[findingKey(finding)] ?? finding.explanation));
        const said = summary.questions.map(({ id, answer }) => [id, answers[id] ?? answer] as const);
        const lacksAnswer = summary.questions.some((one) => one.required && (answers[one.id] ?? one.answer).trim() === '');
        if (given.some(({ explanation }) => explanation.trim() === '') || lacksAnswer) {
            setLacking(true);
            panel.current?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();

            return;
        }
        setGoing(true);
        router.post(
            `${sheet.address}/submission`,
            { places: places?.map((place) => ({ ...place })) ?? null, explanations: given, answers: Object.fromEntries(said) },
            {
                preserveScroll: true,
                preserveState: true,
                onFinish: () => {
                    setGoing(false);
                    onClose();
                },
            },
        );
    });
    useEffect(() => {
        if (hasty.current && mayGo) {
            hasty.current = false;
            send();
        }
    }, [mayGo, send]);

    return (
        <section
            ref={panel}
            aria-labelledby="submit-title"
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    onClose();
                }
            }}
        >
            <h2 id="submit-title">{text.week.confirm.title(sheet.number)}</h2>
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
            {isEmpty ? (
                <p className="mt-1">{text.week.confirm.nothing}</p>
            ) : summary === null ? (
                <p className={isLost ? 'mt-1 text-brick' : 'pencilled mt-1'}>
                    {unsaved > 0 ? text.week.unsaved(unsaved) : isLost ? text.week.confirm.lost : text.week.confirm.comes}
                </p>
            ) : (
                <>
                    <SubmissionHours summary={summary} entered={totals.week} expected={sheet.expected} format={format} />
                    <SubmissionFindings summary={summary} given={explanations} isLacking={isLacking} onSay={setExplanations} />
                    <SubmissionQuestions summary={summary} answers={answers} isLacking={isLacking} onAnswer={setAnswers} />
                </>
            )}
            <div className="mt-3 flex flex-wrap gap-2">
                {!isEmpty && (
                    <button
                        ref={yes}
                        type="button"
                        disabled={going || blocked || unsaved > 0}
                        className="act act-main"
                        onClick={send}
                    >
                        {text.week.confirm.yes(hours(summary?.minutes ?? open))}
                    </button>
                )}
                <button
                    type="button"
                    className="act"
                    data-first={isEmpty || blocked || unsaved > 0 || undefined}
                    onClick={onClose}
                >
                    {text.week.confirm.no}
                </button>
            </div>
        </section>
    );
}
