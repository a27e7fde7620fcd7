import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { AuditTrailPageProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { AuditTrailRow } from '@/ui/AuditTrailRow';
import { Link, router } from '@inertiajs/react';
import { OfficeShell } from './OfficeShell';

function addressOf({ search, subject, from, to }: AuditTrailPageProps, before: number): string {
    return route('office.audit-trail', {}, { search, subject, from, to, before });
}

/** Who did what, for whom, when, from what to what, and why. */
export function AuditTrailPage({ auditTrail }: { auditTrail: AuditTrailPageProps }) {
    const copy = text.auditTrailPage;

    return (
        <OfficeShell title={copy.name} finding={copy.finding}>
            <form
                role="search"
                className="mt-2 flex flex-wrap items-baseline-last gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.get(
                        route('office.audit-trail'),
                        Object.fromEntries(new FormData(event.currentTarget)) as Record<string, string>,
                    );
                }}
            >
                <Field label={copy.search} name="search" type="search" defaultValue={auditTrail.search} className="w-72" />
                <Select
                    label={copy.subject}
                    name="subject"
                    defaultValue={auditTrail.subject}
                    options={[
                        ['', copy.everything],
                        ...auditTrail.subjects.map((one) => [one, copy.subjects[one] ?? one] as const),
                    ]}
                />
                <DateField label={copy.from} name="from" defaultValue={auditTrail.from} />
                <DateField label={copy.to} name="to" defaultValue={auditTrail.to} />
                <button type="submit" className="act">
                    {copy.find}
                </button>
            </form>
            {auditTrail.rows.length === 0 ? (
                <p className="mt-3">{copy.nothing}</p>
            ) : (
                <ol className="mt-3">
                    {auditTrail.rows.map((row) => (
                        <li key={row.id} className="border-t border-rule py-1 [overflow-wrap:anywhere]">
                            <AuditTrailRow row={row} />
                        </li>
                    ))}
                </ol>
            )}
            {auditTrail.before !== null && (
                <Link className="act mt-2" href={addressOf(auditTrail, auditTrail.before)}>
                    {copy.older}
                </Link>
            )}
            <p className="pencilled mt-3">{copy.chain}</p>
        </OfficeShell>
    );
}
