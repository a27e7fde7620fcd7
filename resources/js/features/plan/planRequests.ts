import { route } from '@/lib/route';
import { post, put, type Answer } from '@/lib/http';
import type { PlanProps } from '@/types/generated/props';
import type { PastedLine } from './pastedLines';
import type { Field, Fresh } from './planRows';

/** Other contents of some fields of a task, or of somebody on it. */
export interface Change extends Fresh {
    fields: Partial<Record<Field, string>>;
}

/** What is asked of the server about a plan; each answers with the whole plan, beside the day that it is compared with. */
export function planRequests({ code, comparedOn }: Pick<PlanProps, 'code' | 'comparedOn'>) {
    const at = { project: code };
    const beside = { compare: comparedOn };

    return {
        change: (changes: Change[]): Promise<Answer> => put(route('project.plan.change', at, beside), { changes }),
        add: (lines: PastedLine[], under: number | null): Promise<Answer> =>
            post(route('project.plan.add', at, beside), { lines, under }),
        remove: (removed: Fresh): Promise<Answer> => put(route('project.plan.remove', at, beside), removed),
        spread: (assignments: number[], days: Record<string, string>): Promise<Answer> =>
            put(route('project.plan.spread', at, beside), { assignments, days }),
    };
}
