import { text } from '@/lib/text';
import type { Cell } from './cells';
import type { SheetActs } from './useSheet';

/** Why what was typed is not saved, and what can be done. */
export function CellRefusal({ cell: { typed }, cellKey, acts }: { cell: Cell; cellKey: string; acts: SheetActs }) {
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
                            {mine ? text.week.choose.mine(typed.wanted.hours ?? text.week.choose.note) : text.week.choose.theirs}
                        </button>
                    ))}
            </div>
        </div>
    );
}
