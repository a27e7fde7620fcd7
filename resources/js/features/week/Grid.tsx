import { text } from '@/lib/text';
import { rowCursor } from '@/ui/grid/rowCursor';
import { GridElements } from '@/ui/grid/useCellRef';
import { GridBody, SCREENFUL } from '@/ui/grid/GridBody';
import { useMemo } from 'react';
import { CollapsedRow } from './CollapsedRow';
import { DayTurner } from './DayTurner';
import { GridHead } from './GridHead';
import { LineRow } from './LineRow';
import { firstsOf, type Row } from './rows';
import { SheetToolsProvider } from './sheetTools';
import { TotalRows } from './TotalRows';
import { useGridEvents } from './useGridEvents';
import { useGridTools } from './useGridTools';
import type { SheetPage } from './useSheetPage';

/** About how high a row is, with the heading of its project where that stands above it, in pixels. */
function heightOf(row: Row | undefined): number {
    const line = row?.kind === 'line' && row.isFirst ? 53 : 27;

    // Below a task stands the charge code that was chosen for it.
    return row?.kind === 'line' && row.line.choosesChargeCode && row.line.chargeCode !== null ? line + 18 : line;
}

/** Lines by days: one tab stop, arrow keys inside (the WAI-ARIA grid pattern). On a narrow screen, a day at a time. */
export function Grid({ page }: { page: SheetPage }) {
    const { sheet, state, grid, format, preview, typing, marks } = page;
    const { place, rows } = grid;
    const tools = useGridTools(page);
    const events = useGridEvents(page);
    const firsts = useMemo(() => firstsOf(rows), [rows]);
    const pencilled = useMemo(() => ({ ...state.proposals, ...preview }), [state.proposals, preview]);

    return (
        <SheetToolsProvider value={tools}>
            <GridElements value={grid.elements}>
                <DayTurner
                    days={sheet.days}
                    column={place.column}
                    onTurn={(column) => {
                        grid.stay({ ...place, column });
                    }}
                />
                <table
                    role="grid"
                    aria-label={text.week.grid}
                    aria-multiselectable
                    aria-rowcount={rows.length > SCREENFUL ? rows.length + 2 : undefined}
                    data-column={place.column}
                    className="printed-wide mt-1 w-full table-fixed border-collapse touch-pan-y"
                    {...events}
                >
                    <GridHead days={sheet.days} format={format} />
                    <GridBody
                        count={rows.length}
                        keyOf={(index) => rows[index]?.key ?? ''}
                        heightOf={(row) => heightOf(rows[row])}
                        kept={place.row}
                        elements={grid.elements}
                    >
                        {(index) => {
                            const row = rows[index];

                            return row === undefined ? null : row.kind === 'collapsed' ? (
                                <CollapsedRow
                                    row={row}
                                    index={index}
                                    cells={state.cells}
                                    total={state.totals.projects[row.projectCode] ?? 0}
                                    column={place.row === index ? place.column : null}
                                />
                            ) : (
                                <LineRow
                                    row={row}
                                    index={index}
                                    state={state}
                                    pencilled={pencilled}
                                    marks={marks}
                                    corrected={page.corrections.wanted}
                                    cursor={rowCursor(grid, typing.typing, index)}
                                    hasRemaining={firsts.has(row.key)}
                                />
                            );
                        }}
                    </GridBody>
                    <TotalRows
                        days={sheet.days}
                        expected={sheet.isWhole ? sheet.expected : null}
                        totals={state.totals}
                        marks={marks.days}
                        format={format}
                    />
                </table>
            </GridElements>
        </SheetToolsProvider>
    );
}
