import { shortDay } from '@/lib/days';
import { text } from '@/lib/text';
import { AttentionItem } from '@/ui/Margin';
import { cellKey, shownIn } from './cells';
import type { SheetPage } from './useSheetPage';

const MOST = 8;

/** The values that the server does not have, each with the way to it. */
export function UnsavedList({ page }: { page: SheetPage }) {
    const { state, grid, format } = page;
    const found = grid.rows.flatMap((row, index) =>
        row.kind === 'collapsed'
            ? []
            : row.line.cells.flatMap(({ date }, column) => {
                  const cell = state.cells[cellKey(row.key, date)];
                  const typed = cell?.typed ?? null;

                  return cell === undefined || typed === null || typed.status === 'saving'
                      ? []
                      : [
                            {
                                row: index,
                                column,
                                date,
                                name: row.line.taskName,
                                value: typed.wanted.hours === undefined ? text.week.choose.note : shownIn(cell, format),
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
