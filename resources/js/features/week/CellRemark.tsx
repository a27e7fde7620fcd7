import { fullDay, shortDay } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { CellProps, HoursFormat, LineProps } from '@/types/generated/props';
import { Remark } from '@/ui/Margin';
import type { Cell } from './cells';
import type { CellActs } from './useCells';

interface CellRemarkProps {
    line: LineProps;
    cell: Cell;
    acts: CellActs;
    format: HoursFormat;
}

/** How the cell stands, and who has to act next. */
function standing({ state, waitsFor, returnWord }: CellProps): string | null {
    switch (state) {
        case 'submitted':
            return text.week.remark.waitsFor(waitsFor ?? '');
        case 'returned':
            return returnWord === null ? text.week.remark.returnedWordless : text.week.remark.returned(returnWord);
        case 'approved':
            return text.week.remark.approved;
        case 'settled':
            return text.week.remark.settled;
        default:
            return null;
    }
}

/** What there is to say about the cell that has the focus. */
export function CellRemark({ line, cell, acts, format }: CellRemarkProps) {
    const { saved, typed } = cell;
    const stands = standing(saved);

    return (
        <Remark title={fullDay(saved.date)}>
            <p className="font-semibold">{line.taskName}</p>
            <p className="text-faded">
                {[line.projectName, line.phase, line.roleName].filter((part) => part !== null).join(' · ')}
            </p>
            {line.closedBecause !== null && <p className="mt-1 text-ochre">{line.closedBecause}</p>}
            {typed !== null && typed.status !== 'saving' && (
                <div role="alert" className="mt-2 border-s-2 border-brick ps-2 text-brick">
                    <p>{typed.status === 'offline' ? text.week.offline : typed.message}</p>
                    {typed.status === 'offline' && (
                        <button type="button" className="act mt-1" onClick={acts.retry}>
                            {text.week.retry}
                        </button>
                    )}
                    {typed.status === 'moved on' && (
                        <div className="mt-1 flex flex-wrap gap-2">
                            {[false, true].map((mine) => (
                                <button
                                    key={String(mine)}
                                    type="button"
                                    className="act"
                                    onClick={() => {
                                        acts.choose(line, cell, mine);
                                    }}
                                >
                                    {mine ? text.week.choose.mine(typed.text) : text.week.choose.theirs}
                                </button>
                            ))}
                        </div>
                    )}
                </div>
            )}
            {saved.minutes === null && saved.adjustments.length === 0 && typed === null && (
                <p className="pencilled mt-1">{text.week.remark.empty}</p>
            )}
            {saved.minutes !== null && saved.state !== null && (
                <p className="mt-1">
                    {hoursInWords(saved.minutes, format)},{' '}
                    <span className={`stroke-${saved.state}`}>{text.state[saved.state]}</span>.
                </p>
            )}
            {stands !== null && <p className={saved.state === 'returned' ? 'mt-1 text-ochre' : 'mt-1 text-faded'}>{stands}</p>}
            {saved.adjustments.map((adjustment) => (
                <p key={adjustment.corrects} className="mt-1 text-ochre">
                    {text.week.remark.corrects(hoursInWords(adjustment.minutes, format), shortDay(adjustment.corrects))}{' '}
                    {adjustment.note}
                </p>
            ))}
            {(
                [
                    [text.week.remark.note, saved.note],
                    [text.week.remark.clientNote, saved.clientNote],
                ] as const
            ).map(
                ([name, words]) =>
                    words !== '' && (
                        <p key={name} className="mt-1">
                            <span className="text-faded">{name}:</span> {words}
                        </p>
                    ),
            )}
        </Remark>
    );
}
