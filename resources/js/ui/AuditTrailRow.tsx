import { instant, shortDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { AuditTrailRowProps } from '@/types/generated/props';

/** An act as the audit trail tells it: when, who, what, from what to what, and why. */
export function AuditTrailRow({ row }: { row: AuditTrailRowProps }) {
    const copy = text.auditTrailPage;

    return (
        <>
            <span className="text-faded">{instant(row.at)}</span> <span className="font-semibold">{row.actor}</span>
            {row.insteadOf === null ? '' : ` ${text.week.inPlaceOf(row.insteadOf)}`}: {text.act(row.subject, row.act)}
            {row.on === '' || row.on === row.actor ? '' : `, ${row.on}`}
            {row.date === null ? '' : `, ${shortDay(row.date)}`}
            {row.person === null || row.person === row.actor ? '' : `, ${copy.of(row.person)}`}
            {row.changes.length > 0 && (
                <span className="ms-2 text-faded">
                    {row.changes.map(({ what, before, after }) => copy.change(what, before, after)).join('; ')}
                </span>
            )}
            {row.why !== '' && <q className="ms-2">{row.why}</q>}
        </>
    );
}
