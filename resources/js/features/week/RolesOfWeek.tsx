import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, LineProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { AttentionItem } from '@/ui/Margin';
import { rolesOfWeek } from './weekRoles';

const copy = text.myFigures;

interface RolesOfWeekProps {
    lines: readonly LineProps[];
    minutesOf: (line: LineProps) => number;
    format: HoursFormat;
}

/** The week by role, drawn small; nothing where all of it is in one role. */
export function RolesOfWeek({ lines, minutesOf, format }: RolesOfWeekProps) {
    const roles = rolesOfWeek(lines, minutesOf);
    if (roles.length < 2) {
        return null;
    }
    const scale = Math.max(...roles.map(({ minutes }) => minutes));

    return (
        <AttentionItem title={copy.roleChart}>
            <ul>
                {roles.map(({ role, minutes }) => (
                    <li key={role ?? ''} className="grid grid-cols-[minmax(0,1fr)_4.5rem_5rem] items-center gap-x-2">
                        <span className="truncate">{role ?? copy.usualRole}</span>
                        <Bar
                            approved={minutes}
                            pending={0}
                            remaining={0}
                            mark={0}
                            scale={scale}
                            label={hoursWithUnit(minutes, format)}
                        />
                        <span className="text-end">{hoursWithUnit(minutes, format)}</span>
                    </li>
                ))}
            </ul>
        </AttentionItem>
    );
}
