import { text } from '@/lib/text';
import type { LineProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import clsx from 'clsx';
import { useSheetTools } from './sheetTools';

/** The name of a line: its task, and the role where the person has one. In pencil where only past weeks speak of it. */
export function LineName({ line, marks }: { line: LineProps; marks: string }) {
    return (
        <th
            scope="row"
            className={clsx('truncate border-b border-rule py-0.5 ps-3 pe-2 max-md:ps-0', line.isPencilled && 'pencilled')}
            title={line.taskName}
        >
            {line.taskName}
            {marks !== '' && <sup className="ms-0.5 text-[0.72em] text-ochre italic">{marks}</sup>}
            {line.roleName !== null && <span className="ms-2 text-[0.85em] text-faded">{line.roleName}</span>}
            {line.choosesChargeCode && line.chargeCode !== null && (
                <span className="block truncate text-[0.85em] text-faded">{line.chargeCode}</span>
            )}
        </th>
    );
}

/** The heading of a project's lines, with the project's sum. */
export function ProjectRow({ line, minutes }: { line: LineProps; minutes: number }) {
    const { format } = useSheetTools();

    return (
        <tr>
            <th scope="rowgroup" colSpan={8} className="truncate pt-1 text-moss max-md:hidden">
                <Heading line={line} />
            </th>
            <th scope="rowgroup" colSpan={2} className="truncate pt-1 text-moss md:hidden">
                <Heading line={line} />
            </th>
            <td className="pe-1 pt-1 text-end text-moss max-md:hidden">
                <Hours minutes={minutes} format={format} />
            </td>
            <td className="max-md:hidden" />
        </tr>
    );
}

function Heading({ line }: { line: LineProps }) {
    const { onCollapse } = useSheetTools();

    return (
        <button
            type="button"
            tabIndex={-1}
            title={text.week.collapse(line.projectName)}
            className="max-w-full cursor-pointer truncate align-bottom underline-offset-4 hover:underline"
            onClick={() => {
                onCollapse(line.projectCode);
            }}
        >
            {line.projectName}
        </button>
    );
}
