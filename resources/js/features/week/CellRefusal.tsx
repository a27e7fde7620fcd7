import { text } from '@/lib/text';
import type { HoursFormat } from '@/types/generated/props';
import { shownIn, type Cell } from './cells';
import type { SheetActs } from './useSheet';

interface CellRefusalProps {
    cell: Cell;
    cellKey: string;
    acts: SheetActs;
    format: HoursFormat;
}

/** Why what was typed is not saved, and what can be done. */
export function CellRefusal({ cell, cellKey, acts, format }: CellRefusalProps) {
    const { typed } = cell;
    if (typed === null || typed.status === 'saving') {
        return null;
    }

    return (
        <div role="alert" className="mt-2 border-s-2 border-brick ps-2 text-brick">
            <p>{typed.message}</p>
            <div className="mt-1 flex flex-wrap gap-2">
                {typed.status === 'stored' && (
                    <button type="button" className="act" onClick={acts.retry}>
                        {text.week.retry}
                    </button>
                )}
                {typed.status === 'refused' && (
                    <button
                        type="button"
                        className="act"
                        onClick={() => {
                            acts.restore(cellKey);
                        }}
                    >
                        {text.week.asItWas}
                    </button>
                )}
                {typed.status === 'moved on' &&
                    [false, true].map((mine) => (
                        <button
                            key={String(mine)}
                            type="button"
                            className="act"
                            onClick={() => {
                                acts.choose(cellKey, mine);
                            }}
                        >
                            {mine
                                ? text.week.choose.mine(
                                      typed.wanted.hours === undefined ? text.week.choose.note : shownIn(cell, format),
                                  )
                                : text.week.choose.theirs}
                        </button>
                    ))}
            </div>
        </div>
    );
}
