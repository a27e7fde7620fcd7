import { signedHours } from '@/lib/hours';
import type { HoursFormat } from '@/types/generated/props';
import { decimalRoom } from '@/ui/Hours';
import clsx from 'clsx';
import type { Cell } from './cells';

interface CellFigureProps {
    cell: Cell;
    shown: string;
    format: HoursFormat;
}

/** The figure of a cell: underlined as it stands, with a tick in the corner where a note hangs on it. */
export function CellFigure({ cell, shown, format }: CellFigureProps) {
    const { saved, typed } = cell;
    const hasNote = saved.note !== '' || saved.clientNote !== '';

    return (
        <span className={clsx('relative me-1 block', shown !== '' && cell.typed === null && decimalRoom(shown))}>
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
            <span
                className={clsx(
                    typed?.status === 'saving' && 'text-faded',
                    typed !== null && typed.status !== 'saving' && 'text-brick',
                    typed === null && saved.state !== null && `stroke-${saved.state}`,
                )}
            >
                {shown}
            </span>
        </span>
    );
}
