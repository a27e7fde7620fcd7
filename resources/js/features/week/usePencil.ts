import { route } from '@/lib/route';
import { read } from '@/lib/http';
import type { PencilledProps, WeekProps } from '@/types/generated/props';
import { useEffect, type Dispatch } from 'react';
import type { SheetChange, SheetState } from './sheetState';

const AFTER = 200;

/** Requests the pencilled and remaining hours again whenever the sums have changed, once nothing is being saved. */
export function usePencil(
    sheet: WeekProps,
    queue: { isEmpty: () => boolean },
    { totals }: SheetState,
    change: Dispatch<SheetChange>,
): void {
    useEffect(() => {
        if (!sheet.mayRecord || totals === sheet.totals) {
            return;
        }
        let isLate = false;
        const timer = window.setTimeout(() => {
            void read<PencilledProps>(route('week.pencil', sheet.at)).then((pencilled) => {
                if (pencilled !== null && !isLate && queue.isEmpty()) {
                    change({ kind: 'pencilled', ...pencilled });
                }
            });
        }, AFTER);

        return () => {
            isLate = true;
            window.clearTimeout(timer);
        };
    }, [sheet, totals, queue, change]);
}
