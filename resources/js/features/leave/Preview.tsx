import { hoursWithUnit } from '@/lib/hours';
import { read } from '@/lib/http';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { AbsenceKindOptionProps, LeavePreviewProps, PlannedClashProps } from '@/types/generated/props';
import { useEffect, useState } from 'react';
import { daysWords } from './leaveWords';

const copy = officeText.leavePage;

interface Asked {
    kind: number;
    first: string;
    last: string;
    fromMidday: boolean;
    untilMidday: boolean;
}

interface PreviewProps {
    person: string;
    asked: Asked;
    changes: number | null;
    kinds: AbsenceKindOptionProps[];
}

/** What a request comes to: the server works it out while one chooses. */
export function Preview({ person, asked, changes, kinds }: PreviewProps) {
    const [preview, setPreview] = useState<LeavePreviewProps | null>(null);
    const format = useHoursFormat();
    const { kind, first, last, fromMidday, untilMidday } = asked;

    useEffect(() => {
        let isCurrent = true;
        if (first !== '' && last >= first) {
            void read<LeavePreviewProps>(route('leave.preview', { person }), {
                kind,
                first,
                last,
                fromMidday: fromMidday ? 1 : 0,
                untilMidday: untilMidday ? 1 : 0,
                changes,
            }).then((found) => {
                if (isCurrent) {
                    setPreview(found);
                }
            });
        }

        return () => {
            isCurrent = false;
        };
    }, [person, kind, first, last, fromMidday, untilMidday, changes]);

    if (preview === null || first === '' || last < first) {
        return <div aria-live="polite" />;
    }
    const needsApproval = kinds.find(({ id }) => id === kind)?.needsApproval ?? true;

    return (
        <div aria-live="polite" className="border-s-2 border-rule ps-3">
            {preview.fault !== null ? (
                <p className="text-brick">{preview.fault}</p>
            ) : (
                <>
                    <p>{copy.takes(preview.halfDays, hoursWithUnit(preview.minutes, format))}</p>
                    {preview.balances.map(({ year, left }) => (
                        <p key={year} className={left < preview.halfDays ? 'text-brick' : undefined}>
                            {copy.leavesLeft(left - preview.halfDays, year)}
                        </p>
                    ))}
                    {!needsApproval && <p className="text-faded">{copy.byRuleHint}</p>}
                    <Clashes clashes={preview.clashes} />
                </>
            )}
        </div>
    );
}

/** Work that is planned on the days, task by task. */
export function Clashes({ clashes }: { clashes: PlannedClashProps[] }) {
    const format = useHoursFormat();

    return clashes.length === 0 ? (
        <p className="text-faded">{copy.noClash}</p>
    ) : (
        <ul className="text-ochre">
            {clashes.map(({ project, task, minutes, days }) => (
                <li key={`${project} ${task} ${String(days[0])}`} className="[overflow-wrap:anywhere]">
                    {copy.clash(hoursWithUnit(minutes, format), task, project, daysWords(days))}
                </li>
            ))}
        </ul>
    );
}
