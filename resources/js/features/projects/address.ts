import type { Figure } from '@/types/generated/props';

/** Which figures the table shows. */
export type Shown = 'hours' | 'money';

/** What of a project is opened: nothing of it for the whole. */
export interface Opened {
    figure?: Figure;
    task?: string | null;
    holder?: string | null;
}

/** The address of a project's page with what is open on it, so that it can be shared. */
export function projectAddress(code: string, shown: Shown, { figure, task, holder }: Opened = {}): string {
    const query = new URLSearchParams();
    for (const [name, value] of Object.entries({ show: shown === 'money' ? 'money' : undefined, figure, task, holder })) {
        if (value !== undefined && value !== null) {
            query.set(name, value);
        }
    }
    const text = query.toString();

    return `/projects/${code}${text === '' ? '' : `?${text}`}`;
}

/** Which figures an address asks for. */
export function shownIn(address: string): Shown {
    return new URLSearchParams(address.split('?')[1] ?? '').get('show') === 'money' ? 'money' : 'hours';
}
