import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printList } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { CellProps, HoursFormat, ProposalProps } from '@/types/generated/props';
import type { Cell } from './cells';

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

interface CellHoursProps {
    cell: Cell;
    proposal: ProposalProps | undefined;
    format: HoursFormat;
}

/** What is inked, pencilled and corrected in the cell, and how it stands. */
export function CellHours({ cell, proposal, format }: CellHoursProps) {
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
