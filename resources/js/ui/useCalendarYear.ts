import { route } from '@/lib/route';
import { read } from '@/lib/http';
import type { CalendarProps } from '@/types/generated/props';
import { useEffect, useState } from 'react';

const known = new Map<number, CalendarProps>();

/** The reader's holidays of a year and the closed period, read once; null until they are there. */
export function useCalendarYear(year: number): CalendarProps | null {
    const [, setRead] = useState(0);

    useEffect(() => {
        if (!known.has(year)) {
            void read<CalendarProps>(route('calendar', { year: String(year) })).then((found) => {
                if (found !== null) {
                    known.set(year, found);
                    setRead((count) => count + 1);
                }
            });
        }
    }, [year]);

    return known.get(year) ?? null;
}
