import { route } from '@/lib/route';
import { useShared } from '@/lib/shared';
import { text } from '@/lib/text';
import type { LineProps, QuickReadingProps, WeekProps } from '@/types/generated/props';
import { actOnTimer } from '@/ui/timer/timerStore';
import { router } from '@inertiajs/react';
import { ofLine } from './lineKey';
import { wantedBy } from './quickLine';
import type { SheetState } from './sheetState';
import { useByTheClock } from './useByTheClock';
import type { SheetActs } from './useSheet';

/** Ways to record beside typing in a cell: by the clock, with a timer, and by the quick line, which knows all of them. */
export function useRecording(sheet: WeekProps, state: SheetState, acts: SheetActs, say: (sentence: string) => void) {
    const byTheClock = useByTheClock(sheet);
    const reader = useShared().signedIn?.code ?? '';
    const startTimer = (line: Pick<LineProps, 'key' | 'taskName' | 'projectName' | 'roleName'>, note = '') => {
        if (sheet.isOwn) {
            const { key, taskName, projectName, roleName } = line;
            actOnTimer(reader, { kind: 'start', line: key, taskName, projectName, roleName, note });
        } else {
            say(text.week.timerOfOwn);
        }
    };

    return {
        byTheClock,
        startTimer,
        /** Keeps the task of a line at the top of one's tasks. */
        pinTask: (line: string) => {
            router.put(route('tasks.pin'), { ...ofLine(line), pinned: true }, { preserveScroll: true, preserveState: true });
        },
        /** Does what the quick line has understood: starts a timer, records by the clock, or inks, on a line of its own where the sheet has none yet. */
        inkReading: (reading: QuickReadingProps) => {
            const wanted = wantedBy(reading, state.cells);
            const line = reading.task?.line ?? '';
            if (reading.task !== null && reading.starts) {
                startTimer({ ...reading.task, key: line }, reading.note);
            } else if (reading.times !== null) {
                void byTheClock.draw({ line, date: reading.days[0] ?? '', ...reading.times, note: reading.note });
            } else if (state.lines.some(({ key }) => key === line)) {
                acts.want(wanted);
            } else {
                acts.addLine(line, wanted);
            }
        },
    };
}
