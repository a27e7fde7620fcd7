import { fullDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { LineProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import { soon } from '@/ui/soon';
import type { Cell } from './cells';
import { CellAuditTrail } from './CellAuditTrail';
import { CellRefusal } from './CellRefusal';
import { ChargeCode } from './ChargeCode';
import { clientNotesPencilled } from './clientNotes';
import { CellHours } from './CellHours';
import { CorrectionRemark } from './CorrectionRemark';
import { RemainingRemark } from './RemainingRemark';
import { NotesForm } from './NotesForm';
import { RecordedBy } from './RecordedBy';
import type { SheetPage } from './useSheetPage';

const EntryPay = soon(async () => (await import('./EntryPay')).EntryPay);

const EntryFields = soon(async () => (await import('./EntryFields')).EntryFields);

interface CellDetailProps {
    page: SheetPage;
    line: LineProps;
    cell: Cell;
    cellKey: string;
}

/** Everything there is to say and to write about the cell that one is on. */
export function CellDetail({ page, line, cell, cellKey }: CellDetailProps) {
    const { sheet, state, acts, format, command } = page;
    const { saved } = cell;
    const remaining = state.remaining[line.task];
    const clientNotes = clientNotesPencilled(state.cells);

    return (
        <AttentionItem title={fullDay(saved.date)}>
            <p className="font-semibold [overflow-wrap:anywhere]">{line.taskName}</p>
            <p className="text-faded [overflow-wrap:anywhere]">
                {[line.projectName, line.phase, line.roleName].filter((part) => part !== null).join(' · ')}
            </p>
            <ChargeCode key={line.key} page={page} line={line} />
            {line.closedBecause !== null && <p className="mt-1 text-ochre">{line.closedBecause}</p>}
            {remaining !== undefined && (
                <RemainingRemark
                    remaining={remaining}
                    format={format}
                    onOpen={() => {
                        command({ kind: 'estimate' });
                    }}
                />
            )}
            <CellRefusal cell={cell} cellKey={cellKey} acts={acts} format={format} />
            <CellHours cell={cell} proposal={state.proposals[cellKey]} format={format} />
            {state.pay?.cells[cellKey] !== undefined && <p className="pencilled">{state.pay.cells[cellKey]}</p>}
            <CorrectionRemark sheet={sheet} cell={saved} format={format} />
            <RecordedBy cell={saved} />
            {saved.minutes !== null && (
                <NotesForm
                    key={`${cellKey} ${saved.version}`}
                    cell={saved}
                    field={page.teamNote}
                    billable={cell.typed?.wanted.billable ?? saved.billable}
                    mayWrite={sheet.mayRecord && saved.isOpen}
                    pencilled={clientNotes.size}
                    onWrite={(wanted) => {
                        acts.want(new Map([[cellKey, wanted]]));
                    }}
                    onInkAll={() => {
                        acts.want(clientNotes);
                    }}
                    onLeave={page.goBack}
                />
            )}
            {saved.minutes !== null && sheet.fields.length > 0 && (
                <EntryFields page={page} line={line} cell={cell} cellKey={cellKey} />
            )}
            {state.pay !== null && state.pay.options.length > 0 && saved.minutes !== null && sheet.mayRecord && saved.isOpen && (
                <EntryPay key={`pay ${cellKey}`} page={page} pay={state.pay} cell={cell} cellKey={cellKey} />
            )}
            <CellSteps page={page} />
            {page.showsAuditTrail && <CellAuditTrail at={sheet.at} line={line} cell={saved} format={format} />}
        </AttentionItem>
    );
}

/** On to the entries beside it, and its audit trail. */
function CellSteps({ page }: { page: SheetPage }) {
    return (
        <div className="mt-2 flex flex-wrap gap-x-3">
            {([-1, 1] as const).map((by) => (
                <button
                    key={by}
                    type="button"
                    className="act-quiet"
                    onClick={() => {
                        page.command({ kind: 'step', by });
                    }}
                >
                    {by === -1 ? text.week.previousEntry : text.week.nextEntry}
                </button>
            ))}
            {page.sheet.isOwn && page.sheet.mayRecord && page.grid.here !== null && (
                <button
                    type="button"
                    className="act-quiet"
                    onClick={() => {
                        page.command({ kind: 'start timer' });
                    }}
                >
                    {text.timer.start}
                </button>
            )}
            {page.sheet.isOwn && page.sheet.mayRecord && page.grid.here !== null && (
                <button
                    type="button"
                    className="act-quiet"
                    onClick={() => {
                        page.pinTask(page.grid.here?.row.line.key ?? '');
                    }}
                >
                    {text.tasks.pin}
                </button>
            )}
            <button
                type="button"
                className="act-quiet"
                aria-expanded={page.showsAuditTrail}
                onClick={() => {
                    page.showAuditTrail(!page.showsAuditTrail);
                }}
            >
                {text.week.auditTrail}
            </button>
        </div>
    );
}
