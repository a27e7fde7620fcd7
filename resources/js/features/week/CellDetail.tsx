import { fullDay, shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printList } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { CellProps, HoursFormat, LineProps, ProposalProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import type { Cell } from './cells';
import { CellAuditTrail } from './CellAuditTrail';
import { CellRefusal } from './CellRefusal';
import { clientNotesPencilled } from './clientNotes';
import { CorrectionRemark } from './CorrectionRemark';
import { RemainingRemark } from './RemainingRemark';
import { NotesForm } from './NotesForm';
import { RecordedBy } from './RecordedBy';
import type { SheetPage } from './useSheetPage';

interface CellDetailProps {
    page: SheetPage;
    line: LineProps;
    cell: Cell;
    cellKey: string;
}

/** How the cell stands, and who has to act next. */
function standing({ state, waitsFor, decided, then, returnComment }: CellProps): string | null {
    switch (state) {
        case 'submitted':
            return [
                text.week.remark.waitsFor(waitsFor ?? ''),
                decided > 0 ? text.week.remark.decided(decided, decided + 1 + then.length) : null,
                then.length > 0 ? text.week.remark.then(printList(then)) : null,
            ]
                .filter((part) => part !== null)
                .join(' ');
        case 'returned':
            return returnComment === null ? text.week.remark.returnedWithoutComment : text.week.remark.returned(returnComment);
        case 'approved':
            return text.week.remark.approved;
        case 'settled':
            return text.week.remark.settled;
        default:
            return null;
    }
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
            <CellSteps page={page} />
            {page.showsAuditTrail && <CellAuditTrail address={sheet.address} line={line} cell={saved} format={format} />}
        </AttentionItem>
    );
}

interface CellHoursProps {
    cell: Cell;
    proposal: ProposalProps | undefined;
    format: HoursFormat;
}

/** What is inked, pencilled and corrected in the cell, and how it stands. */
function CellHours({ cell, proposal, format }: CellHoursProps) {
    const { saved } = cell;
    const stands = standing(saved);

    return (
        <>
            {saved.minutes !== null && saved.state !== null && (
                <p className="mt-1">
                    {hoursWithUnit(saved.minutes, format)},{' '}
                    <span className={`stroke-${saved.state}`}>{text.state[saved.state]}</span>
                    {saved.billable ? '' : `, ${text.week.remark.notBillable}`}.
                </p>
            )}
            {proposal !== undefined && (
                <p className="pencilled mt-1">
                    {text.week.pencilled(hoursWithUnit(proposal.minutes, format))}
                    {' – '}
                    {proposal.why}
                </p>
            )}
            {saved.minutes === null && proposal === undefined && saved.adjustments.length === 0 && cell.typed === null && (
                <p className="pencilled mt-1">{text.week.remark.empty}</p>
            )}
            {stands !== null && <p className={saved.state === 'returned' ? 'mt-1 text-ochre' : 'mt-1 text-faded'}>{stands}</p>}
            {saved.adjustments.map((adjustment) => (
                <p key={adjustment.corrects} className="mt-1 text-ochre">
                    {text.week.remark.corrects(hoursWithUnit(adjustment.minutes, format), shortDay(adjustment.corrects))}{' '}
                    {adjustment.note}
                </p>
            ))}
        </>
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
