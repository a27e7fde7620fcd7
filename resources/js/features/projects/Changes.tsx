import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { ChangesProps, HoursFormat } from '@/types/generated/props';
import { AuditTrailRow } from '@/ui/AuditTrailRow';

const copy = text.projectChanges;

/** What became of the project this week. */
export function Changes({ changes, format }: { changes: ChangesProps; format: HoursFormat }) {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return (
        <section aria-labelledby="this-week">
            <h2 id="this-week">{copy.title}</h2>
            <p>{changes.entered === 0 ? copy.none : copy.entered(hours(changes.entered), hours(changes.pending))}</p>
            <p>
                {changes.forecast === 0
                    ? copy.sameForecast
                    : copy.forecast(hours(Math.abs(changes.forecast)), changes.forecast > 0)}
            </p>
            {changes.acts.length > 0 && (
                <ol aria-label={copy.acts} className="mt-1">
                    {changes.acts.map((row) => (
                        <li key={row.id} className="border-t border-rule py-1 [overflow-wrap:anywhere]">
                            <AuditTrailRow row={row} />
                        </li>
                    ))}
                </ol>
            )}
            {changes.isMore && <p className="pencilled">{copy.more}</p>}
        </section>
    );
}
