import { locale } from '@/lib/locale';
import { useShared } from '@/lib/shared';
import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import { noHistory, redoing, undoing, withAct } from '@/ui/grid/history';
import type { HoursFormat, PlanAssignmentProps, PlanProps } from '@/types/generated/props';
import { useRef } from 'react';
import type { PastedLine } from './pastedLines';
import { dayFieldsOf, withDays } from './planDays';
import { planRequests, type Change } from './planRequests';
import { freshIn, knownIn, linesOf, type PlanRow } from './planRows';
import { useServerPlan } from './useServerPlan';

interface Step {
    back: () => Promise<boolean>;
    forth: () => Promise<boolean>;
}

/** The plan as the server has it, changed one act at a time; every act can be undone while the page is open. */
export function usePlan(first: PlanProps, format: HoursFormat) {
    const { take, held, say, ...server } = useServerPlan(first);
    const requests = planRequests(first);
    const { today } = useShared();
    const read = <Fields extends Partial<Record<string, string>>>(fields: Fields) =>
        withDays(fields, dayFieldsOf(first), today, locale);
    const history = useRef(noHistory<Step>());
    const perform = async (step: Step) => {
        const isDone = await step.forth();
        if (isDone) {
            history.current = withAct(history.current, step);
        }

        return isDone;
    };
    const sendChanges = (changes: Change[]) =>
        take(requests.change(changes.map((change) => ({ ...change, fields: read(change.fields) }))));
    const sendLines = (lines: PastedLine[], under: number | null) => take(requests.add(lines.map(read), under));

    return {
        ...server,
        say,
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
                    for (const fresh of freshIn(held.current, known)) {
                        if (!(await take(requests.remove(fresh)))) {
                            return false;
                        }
                    }

                    return true;
                },
            });
        }),
        remove: useStable((row: PlanRow) => {
            const { task } = row;
            const removed = row.kind === 'task' ? { task: task.id } : { assignments: row.assignment.ids };

            return perform({
                forth: () => take(requests.remove(removed)),
                back: () => sendLines(linesOf(row, format), task.id),
            });
        }),
        /** Gives hours by day, or spreads them evenly; taken back, they lie as they did. */
        spread: useStable((assignment: PlanAssignmentProps, days: Record<string, string>) => {
            let { ids } = assignment;
            const give = async (by: Record<string, string>) => {
                // An id that is free again may be given once more, so its own are not known.
                const known = knownIn(held.current, ids);
                const isDone = await take(requests.spread(ids, by));
                ids = isDone ? freshIn(held.current, known).flatMap((fresh) => fresh.assignments ?? []) : ids;

                return isDone;
            };

            return perform({ forth: () => give(days), back: () => spreadBack(assignment, give, () => ids, sendChanges) });
        }),
        step: useStable(async (isBack: boolean) => {
            const found = isBack ? undoing(history.current) : redoing(history.current);
            if (found === null) {
                say(isBack ? text.week.nothingToUndo : text.week.nothingToRedo);
            } else if (await (isBack ? found.act.back() : found.act.forth())) {
                history.current = found.history;
            }
        }),
    };
}

export type PlanActs = ReturnType<typeof usePlan>;

/** Lays hours as they lay before: by day where they were, or else evenly between the same days. */
async function spreadBack(
    { byDay, startsOn, endsOn, planned }: PlanAssignmentProps,
    give: (by: Record<string, string>) => Promise<boolean>,
    idsNow: () => number[],
    sendChanges: (changes: Change[]) => Promise<boolean>,
): Promise<boolean> {
    const days = Object.entries(byDay).map(([day, minutes]) => [day, `${minutes}m`]);
    if (!(await give(Object.fromEntries(days) as Record<string, string>))) {
        return false;
    }

    return days.length > 0 || sendChanges([{ assignments: idsNow(), fields: { startsOn, endsOn, planned: `${planned}m` } }]);
}
