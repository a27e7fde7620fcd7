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
    const address = `/projects/${code}/plan`;
    const query = comparedOn === null ? '' : `?compare=${comparedOn}`;

    return {
        change: (changes: Change[]): Promise<Answer> => put(`${address}${query}`, { changes }),
        add: (lines: PastedLine[], under: number | null): Promise<Answer> => post(`${address}${query}`, { lines, under }),
        remove: (removed: Fresh): Promise<Answer> => put(`${address}/removed${query}`, removed),
        spread: (assignments: number[], days: Record<string, string>): Promise<Answer> =>
            put(`${address}/days${query}`, { assignments, days }),
    };
}
