import { shortDay } from '@/lib/days';
import { text } from '@/lib/text';
import { AttentionItem } from '@/ui/Margin';
import { cellKey } from './cells';
import type { SheetState } from './sheetState';
import type { Grid } from './useGrid';

const MOST = 8;

/** The values that the server does not have, each with the way to it. */
export function UnsavedList({ state, grid }: { state: SheetState; grid: Grid }) {
    const found = grid.rows.flatMap((row, index) =>
        row.kind === 'collapsed'
            ? []
            : row.line.cells.flatMap(({ date }, column) => {
                  const typed = state.cells[cellKey(row.key, date)]?.typed ?? null;

                  return typed === null || typed.status === 'saving'
                      ? []
                      : [
                            {
                                row: index,
                                column,
                                date,
                                name: row.line.taskName,
                                value: typed.wanted.hours ?? text.week.choose.note,
                            },
                        ];
              }),
    );

    return (
        <AttentionItem title={text.week.notSaved}>
            <ul>
                {found.slice(0, MOST).map(({ row, column, date, name, value }) => (
                    <li key={`${row} ${column}`}>
                        <button
                            type="button"
                            className="act-quiet text-start text-brick"
                            onClick={() => {
                                grid.go({ row, column });
                            }}
                        >
                            {text.week.notSavedAt(value === '' ? text.week.empty : value, name, shortDay(date))}
                        </button>
                    </li>
                ))}
            </ul>
            {found.length > MOST && <p className="text-faded">{text.week.notSavedMore(found.length - MOST)}</p>}
        </AttentionItem>
    );
}
