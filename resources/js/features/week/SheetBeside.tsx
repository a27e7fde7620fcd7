import { CellDetail } from './CellDetail';
import { clientNotesPencilled } from './clientNotes';
import { PencilChoice } from './PencilChoice';
import { Strokes, WeekRemarks } from './Remarks';
import { SheetFindings } from './SheetFindings';
import type { SheetMarginProps } from './sheetMarginProps';
import { SpanForm } from './SpanForm';
import { UnsavedList } from './UnsavedList';

/** Beside the sheet: the cell that one is on, its day, and the week. */
export function SheetBeside(props: SheetMarginProps) {
    const { sheet, state, grid, acts, format, remarks, unsaved, showsAuditTrail, onAuditTrail, onCommand, onClose } = props;
    const { here } = grid;
    const clientNotes = clientNotesPencilled(state.cells);

    return (
        <>
            {here !== null && (
                <CellDetail
                    sheet={sheet}
                    line={here.row.line}
                    cell={here.cell}
                    cellKey={here.key}
                    proposal={state.proposals[here.key]}
                    clientNotesPencilled={clientNotes.size}
                    acts={acts}
                    format={format}
                    showsAuditTrail={showsAuditTrail}
                    onAuditTrail={onAuditTrail}
                    onCommand={onCommand}
                    onInkClientNotes={() => {
                        acts.want(clientNotes);
                    }}
                    remaining={state.remaining[here.row.line.task]}
                    onLeave={onClose}
                />
            )}
            {here !== null && remarks.spans !== null && (
                <SpanForm
                    key={`${here.cell.saved.date} ${remarks.spans.length}`}
                    date={here.cell.saved.date}
                    span={remarks.spans.find(({ date }) => date === here.cell.saved.date)}
                    mayWrite={sheet.mayRecord}
                    onSave={remarks.span}
                />
            )}
            {/* Before what is found, which comes a moment later and would move it. */}
            {unsaved > 0 && <UnsavedList state={state} grid={grid} />}
            <SheetFindings remarks={remarks} grid={grid} mayAnswer={sheet.mayRecord} onLeave={onClose} />
            <WeekRemarks days={sheet.days} lines={state.lines} cells={state.cells} entered={state.totals.days} format={format} />
            <Strokes />
            {sheet.isOwn && <PencilChoice pencil={sheet.pencil} />}
        </>
    );
}
