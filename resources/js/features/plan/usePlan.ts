import { post, put, sentenceIn, type Answer } from '@/lib/http';
import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import type { HoursFormat, PlanAssignmentProps, PlanProps } from '@/types/generated/props';
import { useLayoutEffect, useRef, useState } from 'react';
import type { PastedLine } from './pastedLines';
import { freshIn, knownIn, linesOf, type Field, type PlanRow } from './planRows';

const MOST_STEPS = 200;

export interface Change {
    task?: number;
    assignments?: number[];
    fields: Partial<Record<Field, string>>;
}

interface Step {
    back: () => Promise<boolean>;
    forth: () => Promise<boolean>;
}

/** Sentences by row and field, as the server has them. */
export type Faults = Readonly<Record<string, string>>;

function faultsIn(body: unknown): Faults {
    const faults = typeof body === 'object' && body !== null ? (body as Record<string, unknown>).faults : null;

    return typeof faults === 'object' && faults !== null ? (faults as Faults) : {};
}

/** The plan as the server has it, changed one act at a time; every act can be undone while the page is open. */
export function usePlan(first: PlanProps, format: HoursFormat) {
    // What the page was given anew replaces what was answered before.
    const [answered, setAnswered] = useState<{ after: PlanProps; plan: PlanProps } | null>(null);
    const plan = answered?.after === first ? answered.plan : first;
    const [faults, setFaults] = useState<Faults>({});
    const [said, setSaid] = useState('');
    const [isSaving, setSaving] = useState(false);
    const history = useRef<{ done: Step[]; undone: Step[] }>({ done: [], undone: [] });
    // Steps are taken back long after they were made, on the plan as it is by then.
    const held = useRef(plan);
    useLayoutEffect(() => {
        held.current = plan;
    }, [plan]);
    const address = `/projects/${first.code}/plan`;
    const query = first.comparedOn === null ? '' : `?compare=${first.comparedOn}`;

    const send = async (act: Promise<Answer>): Promise<boolean> => {
        setSaving(true);
        const answer = await act;
        setSaving(false);
        if (answer.reached && answer.status === 200) {
            held.current = answer.body as PlanProps;
            setAnswered({ after: first, plan: held.current });
            setFaults({});
            setSaid(text.plan.saved);

            return true;
        }
        setFaults(answer.reached ? faultsIn(answer.body) : {});
        setSaid(answer.reached ? (sentenceIn(answer.body) ?? text.plan.refused) : text.plan.lost);

        return false;
    };
    const remember = (step: Step) => {
        history.current = { done: [...history.current.done.slice(1 - MOST_STEPS), step], undone: [] };
    };
    const perform = async (step: Step) => {
        if (await step.forth()) {
            remember(step);

            return true;
        }

        return false;
    };
    const sendChanges = (changes: Change[]) => send(put(`${address}${query}`, { changes }));
    const sendLines = (lines: PastedLine[], under: number | null) => send(post(`${address}${query}`, { lines, under }));
    const sendRemoval = (row: PlanRow) =>
        send(
            put(`${address}/removed${query}`, row.kind === 'task' ? { task: row.task.id } : { assignments: row.assignment.ids }),
        );

    return {
        plan,
        faults,
        said,
        isSaving,
        say: setSaid,
        change: useStable((changes: Change[], before: Change[]) =>
            perform({ forth: () => sendChanges(changes), back: () => sendChanges(before) }),
        ),
        /** Adds lines; they are taken away again by what came new. */
        add: useStable((lines: PastedLine[], under: number | null) => {
            let known = knownIn(held.current);

            return perform({
                forth: () => {
                    known = knownIn(held.current);

                    return sendLines(lines, under);
                },
                back: async () => {
                    for (const body of freshIn(held.current, known)) {
                        if (!(await send(put(`${address}/removed${query}`, body)))) {
                            return false;
                        }
                    }

                    return true;
                },
            });
        }),
        remove: useStable((row: PlanRow) =>
            perform({ forth: () => sendRemoval(row), back: () => sendLines(linesOf(row, format), row.task.id) }),
        ),
        /** Gives hours by day, or spreads them evenly; taken back, they lie as they did. */
        spread: useStable((assignment: PlanAssignmentProps, days: Record<string, string>) => {
            let { ids } = assignment;
            const give = async (by: Record<string, string>) => {
                // An id that is free again may be given once more, so its own are not known.
                const known = knownIn(held.current, ids);
                const isDone = await send(put(`${address}/days${query}`, { assignments: ids, days: by }));
                ids = isDone ? freshIn(held.current, known).flatMap((fresh) => fresh.assignments ?? []) : ids;

                return isDone;
            };

            return perform({
                forth: () => give(days),
                back: async () => {
                    if (
                        !(await give(
                            Object.fromEntries(Object.entries(assignment.byDay).map(([day, minutes]) => [day, `${minutes}m`])),
                        ))
                    ) {
                        return false;
                    }
                    const { startsOn, endsOn, planned } = assignment;

                    return (
                        Object.keys(assignment.byDay).length > 0 ||
                        sendChanges([{ assignments: ids, fields: { startsOn, endsOn, planned: `${planned}m` } }])
                    );
                },
            });
        }),
        step: useStable(async (isBack: boolean) => {
            const { done, undone } = history.current;
            const step = (isBack ? done : undone).at(-1);
            if (step === undefined) {
                setSaid(isBack ? text.week.nothingToUndo : text.week.nothingToRedo);
            } else if (await (isBack ? step.back() : step.forth())) {
                history.current = isBack
                    ? { done: done.slice(0, -1), undone: [...undone, step] }
                    : { done: [...done, step], undone: undone.slice(0, -1) };
            }
        }),
    };
}

export type PlanActs = ReturnType<typeof usePlan>;
