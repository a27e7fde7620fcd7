import { fullDay, shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printList } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { CellProps, HoursFormat, TaskRemainingProps, LineProps, ProposalProps, WeekProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import type { Cell } from './cells';
import { isOpen } from './cells';
import { CellAuditTrail } from './CellAuditTrail';
import { CellRefusal } from './CellRefusal';
import { CorrectionRemark } from './CorrectionRemark';
import type { Command } from './gridKeys';
import { RemainingRemark } from './RemainingRemark';
import { NotesForm } from './NotesForm';
import { RecordedBy } from './RecordedBy';
import type { SheetActs } from './useSheet';

interface CellDetailProps {
    sheet: WeekProps;
    line: LineProps;
    cell: Cell;
    cellKey: string;
    proposal: ProposalProps | undefined;
    /** Cells whose client notes are only pencilled. */
    clientNotesPencilled: number;
    acts: SheetActs;
    format: HoursFormat;
    showsAuditTrail: boolean;
    onAuditTrail: (shows: boolean) => void;
    onCommand: (command: Command) => void;
    onInkClientNotes: () => void;
    /** The remaining hours of the task; none where it is not assigned to the person. */
    remaining: TaskRemainingProps | undefined;
    onLeave: () => void;
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
export function CellDetail(props: CellDetailProps) {
    const { sheet, line, cell, cellKey, proposal, acts, format, onCommand } = props;
    const { saved } = cell;
    const stands = standing(saved);

    return (
        <AttentionItem title={fullDay(saved.date)}>
            <p className="font-semibold [overflow-wrap:anywhere]">{line.taskName}</p>
            <p className="text-faded [overflow-wrap:anywhere]">
                {[line.projectName, line.phase, line.roleName].filter((part) => part !== null).join(' · ')}
            </p>
            {line.closedBecause !== null && <p className="mt-1 text-ochre">{line.closedBecause}</p>}
            {props.remaining !== undefined && (
                <RemainingRemark
                    remaining={props.remaining}
                    format={format}
                    onOpen={() => {
                        onCommand({ kind: 'estimate' });
                    }}
                />
            )}
            <CellRefusal cell={cell} cellKey={cellKey} acts={acts} />
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
            <CorrectionRemark sheet={sheet} cell={saved} format={format} />
            <RecordedBy cell={saved} />
            {saved.minutes !== null && (
                <NotesForm
                    key={`${cellKey} ${saved.version}`}
                    cell={saved}
                    billable={cell.typed?.wanted.billable ?? saved.billable}
                    mayWrite={sheet.mayRecord && isOpen(line, cell)}
                    pencilled={props.clientNotesPencilled}
                    onWrite={(wanted) => {
                        acts.want(new Map([[cellKey, wanted]]));
                    }}
                    onInkAll={props.onInkClientNotes}
                    onLeave={props.onLeave}
                />
            )}
            <div className="mt-2 flex flex-wrap gap-x-3">
                {([-1, 1] as const).map((by) => (
                    <button
                        key={by}
                        type="button"
                        className="act-quiet"
                        onClick={() => {
                            onCommand({ kind: 'step', by });
                        }}
                    >
                        {by === -1 ? text.week.previousEntry : text.week.nextEntry}
                    </button>
                ))}
                <button
                    type="button"
                    className="act-quiet"
                    aria-expanded={props.showsAuditTrail}
                    onClick={() => {
                        props.onAuditTrail(!props.showsAuditTrail);
                    }}
                >
                    {text.week.auditTrail}
                </button>
            </div>
            {props.showsAuditTrail && <CellAuditTrail address={sheet.address} line={line} cell={saved} format={format} />}
        </AttentionItem>
    );
}
