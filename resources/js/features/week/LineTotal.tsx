import type { HoursFormat } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';

/** What a line comes to in the week; on a narrow screen there is no room for it. */
export function LineTotal({ minutes, format }: { minutes: number; format: HoursFormat }) {
    return (
        <td role="gridcell" className="border-b border-rule pe-1 text-end max-md:hidden">
            <Hours minutes={minutes} format={format} />
        </td>
    );
}
