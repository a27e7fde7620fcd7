import { CellDetail } from './CellDetail';
import { unsavedCount } from './cells';
import { PencilChoice } from './PencilChoice';
import { Strokes, WeekRemarks } from './Remarks';
import { RolesOfWeek } from './RolesOfWeek';
import { soon } from '@/ui/soon';
import { SheetFindings } from './SheetFindings';
import { SpanForm } from './SpanForm';
import { TimeToInk } from './TimeToInk';
import { UnsavedList } from './UnsavedList';
import type { SheetPage } from './useSheetPage';

const WeekPay = soon(async () => (await import('./WeekPay')).WeekPay);

/** Beside the sheet: the cell that one is on, its day, and the week. */
export function SheetBeside({ page }: { page: SheetPage }) {
    const { sheet, state, grid, format, remarks, goBack } = page;
    const { here } = grid;

    return (
        <>
            {here !== null && <CellDetail page={page} line={here.row.line} cell={here.cell} cellKey={here.key} />}
            {here !== null && remarks.spans !== null && (
                <SpanForm
                    key={`${here.cell.saved.date} ${JSON.stringify(remarks.spans.find(({ date }) => date === here.cell.saved.date) ?? null)}`}
                    date={here.cell.saved.date}
                    spans={remarks.spans}
                    drawn={sheet.stretches}
                    entered={state.totals.days[sheet.days.findIndex(({ date }) => date === here.cell.saved.date)] ?? 0}
                    format={format}
                    mayWrite={sheet.mayRecord}
                    field={page.timesField}
                    onSave={remarks.span}
                />
            )}
            <TimeToInk page={page} />
            {/* Before what is found, which comes a moment later and would move it. */}
            {unsavedCount(state.cells) > 0 && <UnsavedList page={page} />}
            <SheetFindings remarks={remarks} grid={grid} mayAnswer={sheet.mayRecord} onLeave={goBack} onTimes={page.goToTimes} />
            <WeekRemarks days={sheet.days} lines={state.lines} cells={state.cells} entered={state.totals.days} format={format} />
            {state.pay?.kinds.some(({ kind }) => kind !== 'regular') === true && <WeekPay pay={state.pay} format={format} />}
            {sheet.isWhole && (
                <RolesOfWeek
                    lines={state.lines}
                    usualRole={sheet.usualRole}
                    minutesOf={({ key }) => state.totals.lines[key] ?? 0}
                    format={format}
                />
            )}
            <Strokes />
            {sheet.isOwn && <PencilChoice pencil={sheet.pencil} />}
        </>
    );
}
