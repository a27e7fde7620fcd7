import { useStable } from '@/lib/useStable';
import type { HoursFormat, TotalsProps, WeekProps } from '@/types/generated/props';
import { useEffect, useMemo, useRef, useState } from 'react';
import { clock, dayWord } from './clockView';
import { marksOf } from './findings';
import type { Panel } from './commands';
import type { Command } from './gridKeys';
import { previewOf } from './quickLine';
import { useCommands } from './useCommands';
import { useCorrections } from './useCorrections';
import { useGrid } from './useGrid';
import { usePageKeys } from './usePageKeys';
import { useQuickLine } from './useQuickLine';
import { useRecording } from './useRecording';
import { useRemainingCell } from './useRemainingCell';
import { useRemarks } from './useRemarks';
import { useSheet } from './useSheet';
import { useSheetTyping } from './useSheetTyping';
import { useIsByTheClock } from './ViewChoice';

/** Everything that happens on the page of one week: its sheet, the grid, the margin and the quick line. */
export function useSheetPage(sheet: WeekProps, format: HoursFormat, onTotals: (totals: TotalsProps) => void) {
    const { state, acts } = useSheet(sheet);
    const [said, say] = useState('');
    useEffect(() => {
        onTotals(state.totals);
    }, [onTotals, state.totals]);
    const grid = useGrid(sheet, state, format);
    const remarks = useRemarks(sheet, state);
    const quick = useQuickLine(sheet.at);
    const corrections = useCorrections(sheet);
    const recording = useRecording(sheet, state, acts, say);
    const typing = useSheetTyping(grid, state, acts, corrections.want);
    const [panel, open] = useState<Panel>('cell');
    const [showsAuditTrail, showAuditTrail] = useState(false);
    const [quickField, teamNote] = [useRef<HTMLInputElement>(null), useRef<HTMLTextAreaElement>(null)];
    const timesField = useRef<HTMLInputElement>(null);
    const remaining = useRemainingCell(grid, open, say);
    const run = useCommands({
        sheet,
        state,
        grid,
        acts,
        correct: corrections.want,
        open,
        say,
        startTimer: recording.startTimer,
        type: (first) => {
            typing.begin({ ...grid.place, first: first ?? grid.valueAt(grid.place.row, grid.place.column) });
        },
        write: (part) => {
            open('cell');
            if (part === 'auditTrail') {
                showAuditTrail(!showsAuditTrail);
            } else {
                teamNote.current?.focus();
            }
        },
    });
    const command = useStable((asked: Command) => {
        say('');
        run(asked);
    });
    // Where time lies by the clock, what was done there is taken back first.
    const isByTheClock = useIsByTheClock();
    const commandOrClock = (asked: Command) => {
        if (asked.kind !== 'undo' || !isByTheClock || !recording.byTheClock.undo()) {
            command(asked);
        }
    };
    usePageKeys({
        onCommand: commandOrClock,
        onHelp: () => {
            open(panel === 'keys' ? 'cell' : 'keys');
        },
        onQuickLine: () => {
            quickField.current?.focus();
        },
    });

    return {
        ...{ sheet, format, state, acts, grid, remarks, quick, corrections, typing, remaining, ...recording },
        ...{ panel, open, said, say, showsAuditTrail, showAuditTrail, quickField, teamNote, timesField, command },
        undo: () => {
            commandOrClock({ kind: 'undo' });
        },
        /** To the times of the day that one goes to, once they stand there. */
        goToTimes: () => {
            window.setTimeout(() => timesField.current?.focus());
        },
        /** Writes a start and an end into the quick line, for a task to be added. */
        writeTimes: (date: string, span: { starts: number; ends: number }) => {
            quick.type(`${clock(span.starts)}-${clock(span.ends)} ${dayWord(date)} `);
            quickField.current?.focus();
        },
        marks: useMemo(() => marksOf(remarks.findings), [remarks.findings]),
        preview: useMemo(() => previewOf(quick.reading), [quick.reading]),
        /** Back to the cell that one was on. */
        goBack: () => {
            remaining.forget();
            open('cell');
            grid.go(grid.place);
        },
    };
}

export type SheetPage = ReturnType<typeof useSheetPage>;
