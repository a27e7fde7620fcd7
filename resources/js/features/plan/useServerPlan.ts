import { sentenceIn, type Answer } from '@/lib/http';
import { text } from '@/lib/text';
import type { PlanProps } from '@/types/generated/props';
import { useLayoutEffect, useRef, useState } from 'react';

/** Sentences by row and field, as the server has them. */
export type Faults = Readonly<Record<string, string>>;

function faultsIn(body: unknown): Faults {
    const faults = typeof body === 'object' && body !== null ? (body as Record<string, unknown>).faults : null;

    return typeof faults === 'object' && faults !== null ? (faults as Faults) : {};
}

/** The plan as the server has it, with what it said of the latest act. */
export function useServerPlan(first: PlanProps) {
    // What the page was given anew replaces what was answered before.
    const [answered, setAnswered] = useState<{ after: PlanProps; plan: PlanProps } | null>(null);
    const plan = answered?.after === first ? answered.plan : first;
    const [faults, setFaults] = useState<Faults>({});
    const [{ said, isRefused }, setSaid] = useState({ said: '', isRefused: false });
    const [isSaving, setSaving] = useState(false);
    // Steps are taken back long after they were made, on the plan as it is by then.
    const held = useRef(plan);
    useLayoutEffect(() => {
        held.current = plan;
    }, [plan]);

    return {
        plan,
        faults,
        said,
        isRefused,
        isSaving,
        held,
        say: (sentence: string) => {
            setSaid({ said: sentence, isRefused: false });
        },
        /** Takes the answer to an act; says whether it was done. */
        take: async (act: Promise<Answer>): Promise<boolean> => {
            setSaving(true);
            const answer = await act;
            setSaving(false);
            if (answer.reached && answer.status === 200) {
                held.current = answer.body as PlanProps;
                setAnswered({ after: first, plan: held.current });
                setFaults({});
                setSaid({ said: text.plan.saved, isRefused: false });

                return true;
            }
            setFaults(answer.reached ? faultsIn(answer.body) : {});
            setSaid({ said: answer.reached ? (sentenceIn(answer.body) ?? text.plan.refused) : text.plan.lost, isRefused: true });

            return false;
        },
    };
}
