import { route } from '@/lib/route';
import { onceAnswered } from '@/lib/unanswered';
import { useStable } from '@/lib/useStable';
import type { SubmissionProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useEffect, useRef, useState } from 'react';
import { explanationOf, findingKey } from './finding';
import type { SubmitPanelProps } from './SubmitPanel';
import { useSummary, type Going } from './useSummary';

/** The fields of explanations and answers, by the key of the finding or the number of the question. */
export type SubmissionFields = Map<string | number, HTMLElement | null>;

/** What was said about what goes. */
function said(summary: SubmissionProps, explanations: Record<string, string>, answers: Record<number, string>) {
    const asked = summary.findings.filter(({ severity }) => severity === 'explanation');
    const given = asked.map((finding) => explanationOf(finding, explanations[findingKey(finding)] ?? finding.explanation));
    const lacking = [
        ...asked.filter((_, index) => given[index]?.explanation.trim() === '').map(findingKey),
        ...summary.questions
            .filter(({ id, required, answer }) => required && (answers[id] ?? answer).trim() === '')
            .map(({ id }) => id),
    ];

    return {
        given,
        answers: Object.fromEntries(summary.questions.map(({ id, answer }) => [id, answers[id] ?? answer])),
        lacking,
    };
}

/** What would go, what is said about it, and sending it. */
export function useSubmission({ at, open, unsaved, isSaving, onClose }: SubmitPanelProps, places: Going[] | null) {
    const [yes, no] = [useRef<HTMLButtonElement>(null), useRef<HTMLButtonElement>(null)];
    const [fields] = useState<SubmissionFields>(() => new Map());
    const [explanations, setExplanations] = useState<Record<string, string>>({});
    const [answers, setAnswers] = useState<Record<number, string>>({});
    const [isGoing, setGoing] = useState(false);
    const [isLacking, setLacking] = useState(false);
    const { summary, isLost, tryAgain } = useSummary(at, places, !isSaving && unsaved === 0);
    const isBlocked = summary?.findings.some(({ severity }) => severity === 'blocking') ?? false;
    const isEmpty = open === 0 || summary?.minutes === 0;
    const mayGo = summary !== null && !isEmpty && !isBlocked;

    // Whoever presses before it is added up has pressed: it goes as soon as it is.
    const hasty = useRef(false);
    const send = useStable(() => {
        if (summary === null) {
            hasty.current = true;

            return;
        }
        const { given, answers: answered, lacking } = said(summary, explanations, answers);
        if (lacking.length > 0) {
            setLacking(true);
            fields.get(lacking[0] ?? '')?.focus();

            return;
        }
        setGoing(true);
        router.post(
            route('submission.submit', { ...at }),
            { places: places?.map((place) => ({ ...place })) ?? null, explanations: given, answers: answered },
            {
                preserveScroll: true,
                preserveState: true,
                onFinish: () => {
                    setGoing(false);
                },
                ...onceAnswered(onClose),
            },
        );
    });
    const focusFirst = useStable(() => {
        const first = summary?.findings.find(({ severity }) => severity === 'explanation');
        const asked = mayGo && first?.explanation === '' ? fields.get(findingKey(first)) : undefined;
        (asked ?? (isEmpty || isBlocked || unsaved > 0 ? no : yes).current)?.focus();
    });
    useEffect(() => {
        focusFirst();
        if (hasty.current && mayGo) {
            hasty.current = false;
            send();
        }
    }, [mayGo, send, focusFirst]);

    return {
        ...{ summary, isLost, tryAgain, isBlocked, isEmpty, isGoing, isLacking, send, fields },
        ...{ explanations, setExplanations, answers, setAnswers, yes, no },
    };
}

export type Submission = ReturnType<typeof useSubmission>;
