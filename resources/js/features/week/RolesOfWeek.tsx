import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, LineProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { AttentionItem } from '@/ui/Margin';
import { rolesOfWeek } from './weekRoles';

const copy = text.myFigures;

interface RolesOfWeekProps {
    lines: readonly LineProps[];
    usualRole: string | null;
    minutesOf: (line: LineProps) => number;
    format: HoursFormat;
}

/** The week by role, drawn small; nothing where all of it is in one role. */
export function RolesOfWeek({ lines, usualRole, minutesOf, format }: RolesOfWeekProps) {
    const roles = rolesOfWeek(lines, usualRole, minutesOf);
    if (roles.length < 2) {
        return null;
    }
    const scale = Math.max(...roles.map(({ minutes }) => minutes));

    return (
        <AttentionItem title={copy.roleChart}>
            <ul>
                {roles.map(({ role, minutes }) => (
                    <li key={role ?? ''} className="mt-1">
                        <span className="flex justify-between gap-3">
                            <span className="min-w-0 [overflow-wrap:anywhere]">{role ?? copy.noRole}</span>
                            <span className="shrink-0">{hoursWithUnit(minutes, format)}</span>
                        </span>
                        <Bar
                            approved={minutes}
                            pending={0}
                            remaining={0}
                            mark={null}
                            scale={scale}
                            label={hoursWithUnit(minutes, format)}
                        />
                    </li>
                ))}
            </ul>
        </AttentionItem>
    );
}
