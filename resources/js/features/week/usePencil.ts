import { read } from '@/lib/http';
import type { PencilledProps, WeekProps } from '@/types/generated/props';
import { useEffect, type Dispatch } from 'react';
import type { SheetChange, SheetState } from './sheetState';

const AFTER = 200;

/** Asks anew what is pencilled and what is remaining whenever the sums have changed, once nothing is on its way. */
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
            void read<PencilledProps>(`${sheet.address}/pencil`).then((pencilled) => {
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
