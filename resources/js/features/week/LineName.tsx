import type { HoursFormat, LineProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';

/** The name of a line: its task, and the role where the person has one. */
export function LineName({ line }: { line: LineProps }) {
    return (
        <th scope="row" className="truncate border-b border-rule py-0.5 ps-3 pe-2" title={line.taskName}>
            {line.taskName}
            {line.roleName !== null && <span className="ms-2 text-[0.85em] text-faded">{line.roleName}</span>}
        </th>
    );
}

/** The heading of a project's lines, with the project's sum. */
export function ProjectRow({ line, minutes, format }: { line: LineProps; minutes: number; format: HoursFormat }) {
    return (
        <tr>
            <th scope="rowgroup" colSpan={8} className="max-md:hidden truncate pt-1 text-moss" title={line.projectName}>
                {line.projectName}
            </th>
            <th scope="rowgroup" colSpan={2} className="truncate pt-1 text-moss md:hidden">
                {line.projectName}
            </th>
            <td className="pe-1 pt-1 text-end text-moss">
                <Hours minutes={minutes} format={format} />
            </td>
        </tr>
    );
}
