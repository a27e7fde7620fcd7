import { route } from '@/lib/route';
import type { DeskGrouping, WaitingFilter } from '@/types/generated/props';

/** What of the desk is looked at. */
export interface View {
    by: DeskGrouping;
    show: WaitingFilter;
    search: string;
    open?: string | null;
    page?: number;
    sheets?: number;
}

/** The address of a view of the desk, so that it can be shared and gone back to. */
export function deskAddress({ by, show, search, open = null, page = 1, sheets = 1 }: View): string {
    return route(
        'review',
        {},
        {
            by: by === 'person' ? null : by,
            show: show === 'all' ? null : show,
            search: search === '' ? null : search,
            open,
            page: page === 1 ? null : page,
            sheets: sheets === 1 ? null : sheets,
        },
    );
}
