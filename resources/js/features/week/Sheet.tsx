import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import type { HoursFormat, QuickReadingProps, TotalsProps, WeekProps } from '@/types/generated/props';
import { useEffect, useMemo, useState } from 'react';
import { unsavedCount } from './cells';
import { marksOf } from './findings';
import type { Command } from './gridKeys';
import { Grid } from './Grid';
import { previewOf, wantedBy } from './quickLine';
import { PencilIntro } from './PencilIntro';
import { QuickLine } from './QuickLine';
import { SheetFoot } from './SheetFoot';
import { SheetHeading } from './SheetHeading';
import { SheetMargin } from './SheetMargin';
import { useCorrections } from './useCorrections';
import { useCommands, type Panel } from './useCommands';
import { useGrid } from './useGrid';
import type { Typing } from './useGridEvents';
import { useRemainingCell } from './useRemainingCell';
import { usePageKeys } from './usePageKeys';
import { useQuickLine } from './useQuickLine';
import { useRemarks } from './useRemarks';
import { useSheet } from './useSheet';

interface SheetProps {
    sheet: WeekProps;
    title: string;
    format: HoursFormat;
    /** Tells what the sheet comes to, whenever that changes. */
    onTotals: (totals: TotalsProps) => void;
}

/** The sheet of one week with its margin. */
export function Sheet({ sheet, title, format, onTotals }: SheetProps) {
    const { state, acts } = useSheet(sheet);
    useEffect(() => {
        onTotals(state.totals);
    }, [onTotals, state.totals]);
    const grid = useGrid(sheet, state, format);
    const remarks = useRemarks(sheet, state);
    const marks = useMemo(() => marksOf(remarks.findings), [remarks.findings]);
    const quick = useQuickLine(sheet.address);
    const [panel, open] = useState<Panel>('cell');
    const corrections = useCorrections(sheet);
    const [typing, setTyping] = useState<Typing | null>(null);
    const [said, say] = useState('');
    const [showsAuditTrail, showAuditTrail] = useState(false);
    const preview = useMemo(() => previewOf(quick.reading), [quick.reading]);
    const remaining = useRemainingCell(grid, open, say);
    const goBack = () => {
        remaining.forget();
        open('cell');
        grid.go(grid.place);
    };

    const run = useCommands({
        sheet,
        state,
        grid,
        acts,
        correct: corrections.want,
        open,
        say,
        type: (first) => {
            setTyping({ ...grid.place, first: first ?? grid.valueAt(grid.place.row, grid.place.column) });
        },
        write: (part) => {
            open('cell');
            if (part === 'auditTrail') {
                showAuditTrail(!showsAuditTrail);
            } else {
                document.getElementById('team-note')?.focus();
            }
        },
    });
    const command = useStable((asked: Command) => {
        say('');
        run(asked);
    });
    usePageKeys({
        onCommand: command,
        onHelp: () => {
            open(panel === 'keys' ? 'cell' : 'keys');
        },
        onQuickLine: () => {
            document.querySelector<HTMLElement>('[data-quick-line]')?.focus();
        },
    });
    const inkReading = (reading: QuickReadingProps) => {
        const wanted = wantedBy(reading, state.cells);
        const line = reading.task?.line ?? '';
        if (state.lines.some(({ key }) => key === line)) {
            acts.want(wanted);
        } else {
            acts.addLine(line, wanted);
        }
    };

    return (
        <div className="grid grid-cols-[minmax(0,1fr)] gap-x-5 pt-2 lg:grid-cols-[minmax(0,1fr)_15.5rem]">
            <div id="hours" tabIndex={-1} className="outline-none">
                <SheetHeading sheet={sheet} entered={state.totals.week} title={title} format={format} />
                {sheet.explainsPencil && <PencilIntro />}
                {grid.rows.length === 0 ? (
                    <p className="mt-6 max-w-prose">{text.week.noLines}</p>
                ) : (
                    <Grid
                        sheet={sheet}
                        state={state}
                        grid={grid}
                        acts={acts}
                        format={format}
                        preview={preview}
                        marks={marks}
                        typing={typing}
                        corrected={corrections.wanted}
                        onCorrect={corrections.want}
                        onType={setTyping}
                        onCommand={command}
                        onSay={say}
                        onUpdateRemaining={remaining.onUpdate}
                    />
                )}
                {sheet.mayRecord && (
                    <QuickLine quick={quick} cells={state.cells} format={format} onInk={inkReading} onLeave={goBack} />
                )}
                <SheetFoot
                    sheet={sheet}
                    state={state}
                    said={said}
                    isAsking={panel === 'submit'}
                    format={format}
                    onCommand={command}
                    onKeys={() => {
                        open('keys');
                    }}
                />
            </div>
            <SheetMargin
                sheet={sheet}
                state={state}
                grid={grid}
                acts={acts}
                format={format}
                remarks={remarks}
                corrections={corrections}
                panel={panel}
                unsaved={unsavedCount(state.cells)}
                showsAuditTrail={showsAuditTrail}
                onAuditTrail={showAuditTrail}
                onCommand={command}
                onClose={goBack}
                typedRemaining={remaining.typed}
                onEstimateSaved={remaining.onSaved}
            />
        </div>
    );
}
