import { route } from '@/lib/route';
import { instant } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { read } from '@/lib/http';
import { text } from '@/lib/text';
import type { CellProps, HoursFormat, LineProps, AuditTrailLineProps, SheetAddressProps } from '@/types/generated/props';
import { TryAgain } from '@/ui/TryAgain';
import { useEffect, useReducer, useState } from 'react';

interface CellAuditTrailProps {
    at: SheetAddressProps;
    line: LineProps;
    cell: CellProps;
    format: HoursFormat;
}

function becomes({ before, after }: AuditTrailLineProps, format: HoursFormat): string | null {
    const hours = (minutes: number | null) => (minutes === null ? text.week.empty : hoursWithUnit(minutes, format));

    return before === after ? null : before === null ? hours(after) : text.week.fromTo(hours(before), hours(after));
}

/** What has become of the cell, act by act. */
export function CellAuditTrail({ at, line, cell, format }: CellAuditTrailProps) {
    const [attempt, tryAgain] = useReducer((count: number) => count + 1, 0);
    const asked = `${line.key} ${cell.date} ${cell.version ?? ''} ${cell.state ?? ''} ${attempt}`;
    const [found, find] = useState<{ asked: string; lines: AuditTrailLineProps[] | null } | null>(null);

    useEffect(() => {
        let isLate = false;
        void read<AuditTrailLineProps[]>(route('week.audit-trail', at), {
            task: line.task,
            role: line.role,
            date: cell.date,
        }).then((lines) => {
            if (!isLate) {
                find({ asked, lines });
            }
        });

        return () => {
            isLate = true;
        };
    }, [at, asked, line.task, line.role, cell.date]);

    if (found?.asked !== asked) {
        return (
            <p aria-busy className="pencilled mt-1">
                {text.loading.comes}
            </p>
        );
    }
    if (found.lines === null) {
        return <TryAgain says={text.week.auditTrailLost} onAgain={tryAgain} />;
    }
    if (found.lines.length === 0) {
        return <p className="mt-1 text-faded">{text.week.noAuditTrail}</p>;
    }

    return (
        <ol className="mt-1 text-[0.92em]" aria-label={text.week.auditTrail}>
            {found.lines.map((one, index) => (
                <li key={index} className="border-t border-rule py-1">
                    <span className="text-faded">{instant(one.at)}</span> {one.actor}
                    {one.onBehalfOf === null ? '' : ` ${text.week.inPlaceOf(one.onBehalfOf)}`}:{' '}
                    {[text.cellAct(one.act), becomes(one, format)].filter((part) => part !== null).join(', ')}
                    {[one.note, one.clientNote, one.why === '' ? null : one.why]
                        .filter((said) => said !== null)
                        .map((said) => (
                            <q key={said} className="ms-1 [overflow-wrap:anywhere]">
                                {said}
                            </q>
                        ))}
                </li>
            ))}
        </ol>
    );
}
