import { printHours, signedHours } from '@/lib/hours';
import type { HoursFormat, ProposalProps } from '@/types/generated/props';
import { decimalRoom } from '@/ui/Hours';
import clsx from 'clsx';
import type { Cell } from './cells';

interface CellFigureProps {
    cell: Cell;
    /** What is pencilled here; over ink only while the quick line is read. */
    proposal: ProposalProps | undefined;
    shown: string;
    /** Other hours that are to be asked for, as typed. */
    corrected: string | undefined;
    /** Letters under which the margin speaks of it. */
    marks: string;
    format: HoursFormat;
}

/** The hours that are asked for in the place of those that stand, sent already or about to be; null where none are. */
export function correctedTo({ saved }: Cell, typed: string | undefined, format: HoursFormat): string | null {
    return typed ?? (saved.correction === null ? null : printHours(saved.correction.minutes, format));
}

/** The figure of a cell: in ink underlined as it stands, in pencil slanted; a tick in the corner where a note hangs on it. */
export function CellFigure({ cell, proposal, shown, corrected, marks, format }: CellFigureProps) {
    const { saved, typed } = cell;
    const hasNote = saved.note !== '' || saved.clientNote !== '';
    const instead = correctedTo(cell, corrected, format);
    const pencilled = proposal === undefined ? '' : printHours(proposal.minutes, format);

    return (
        <span
            className={clsx(
                'me-1 block whitespace-nowrap',
                hasNote && 'relative',
                shown !== '' && typed === null && decimalRoom(shown),
                shown === '' && pencilled !== '' && decimalRoom(pencilled),
            )}
        >
            {hasNote && (
                <span
                    aria-hidden
                    className="absolute start-1 top-1/2 h-2.5 w-1 -translate-y-1/2 rounded-full border-s-2 border-edge"
                />
            )}
            {saved.adjustments.map((adjustment) => (
                <span key={adjustment.corrects} className="me-1 text-[0.85em] text-ochre">
                    {signedHours(adjustment.minutes, format)}
                </span>
            ))}
            {marks !== '' && <sup className="me-0.5 text-[0.72em] text-ochre italic">{marks}</sup>}
            {pencilled !== '' && <span className={clsx('pencilled no-print', shown !== '' && 'me-1.5')}>{pencilled}</span>}
            <span
                className={clsx(
                    typed?.status === 'saving' && 'text-faded',
                    typed !== null && typed.status !== 'saving' && 'text-brick',
                    typed === null && saved.state !== null && instead === null && `stroke-${saved.state}`,
                    instead !== null && 'text-faded line-through',
                )}
            >
                {shown}
            </span>
            {instead !== null && <span className="pencilled ms-1.5">{instead === '' ? '0' : instead}</span>}
        </span>
    );
}
