import type { FindingProps } from '@/types/generated/props';

/** What makes a finding the same after the rules were asked anew. */
export function findingKey({ week, rule, line, date }: Pick<FindingProps, 'week' | 'rule' | 'line' | 'date'>): string {
    return `${week} ${rule} ${line ?? ''} ${date ?? ''}`;
}

/** A finding with the explanation that is given on it, as the server takes it. */
export function explanationOf({ week, rule, line, date }: FindingProps, explanation: string) {
    const [task = '', role = ''] = (line ?? '').split(':');

    return { week, rule, task: task === '' ? null : Number(task), role: role === '' ? null : Number(role), date, explanation };
}
