import { officeText } from '@/lib/officeText';
import clsx from 'clsx';
import { GridBody, SCREENFUL } from '@/ui/grid/GridBody';
import { cellCursor, rowCursor } from '@/ui/grid/rowCursor';
import { GridElements } from '@/ui/grid/useCellRef';
import { PastedCell } from './PastedCell';
import { PERSON_FIELDS, type PersonField } from './pastedPeople';
import { usePastedGrid } from './usePastedGrid';
import type { PastedPeople } from './usePastedPeople';

const copy = officeText.pastedPeoplePage;

/** What addresses take more of than dates do. */
const WIDTHS: Partial<Record<PersonField, string>> = {
    email: 'w-[23%]',
    manager: 'w-[16%]',
    access: 'w-[9%]',
    startsOn: 'w-[10%]',
};

/** Heights of a row without and with something wrong in it, in pixels. */
const HEIGHTS = [33, 60] as const;

interface PastedTableProps {
    pasted: PastedPeople;
    /** What the server found wrong with a cell, as long as its row is as it was sent. */
    faultOf: (row: number, field: PersonField) => string | undefined;
    /** What is wrong with all of it. */
    problem: string | null;
}

/** What was understood of pasted rows, as a table that is typed in (the WAI-ARIA grid pattern). */
export function PastedTable({ pasted, faultOf, problem }: PastedTableProps) {
    const { people } = pasted;
    const grid = usePastedGrid(pasted);
    const hasFault = (row: number) => PERSON_FIELDS.some((field) => faultOf(row, field) !== undefined);

    return (
        <section aria-labelledby="understood" className="mt-5">
            <h2 id="understood">{copy.understood(people.length)}</h2>
            {problem !== null && (
                <p role="alert" className="border-s-2 border-brick ps-2 text-brick">
                    {problem}
                </p>
            )}
            <div className="max-lg:min-h-64 max-lg:overflow-x-auto">
                <GridElements value={grid.elements}>
                    <table
                        role="grid"
                        aria-labelledby="understood"
                        aria-multiselectable
                        aria-rowcount={people.length > SCREENFUL ? people.length + 1 : undefined}
                        className="mt-2 w-full table-fixed max-lg:min-w-[58rem] border-collapse"
                        {...grid.events}
                    >
                        <thead className="text-faded">
                            <tr>
                                {PERSON_FIELDS.map((field) => (
                                    <th key={field} scope="col" className={clsx('border-b border-edge px-1.5', WIDTHS[field])}>
                                        {copy.fields[field]}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <GridBody
                            count={people.length}
                            keyOf={String}
                            heightOf={(row) => HEIGHTS[hasFault(row) ? 1 : 0]}
                            kept={grid.place.row}
                            elements={grid.elements}
                        >
                            {(row) => (
                                <tr aria-rowindex={row + 2}>
                                    {PERSON_FIELDS.map((field, column) => (
                                        <PastedCell
                                            key={field}
                                            field={field}
                                            place={{ row, column }}
                                            value={people[row]?.[field] ?? ''}
                                            fault={faultOf(row, field)}
                                            {...cellCursor(rowCursor(grid, grid.typing.typing, row), column)}
                                            onFinish={grid.typing.finish}
                                        />
                                    ))}
                                </tr>
                            )}
                        </GridBody>
                    </table>
                </GridElements>
            </div>
            <button type="button" className="act-quiet mt-2" onClick={grid.removeRows}>
                {copy.remove(grid.block.top + 1, grid.block.bottom + 1)}
            </button>
        </section>
    );
}
