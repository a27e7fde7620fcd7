import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { ChangesProps, HoursFormat } from '@/types/generated/props';
import { TrailRow } from '@/ui/TrailRow';

const words = text.projectChanges;

/** What became of the project this week. */
export function Changes({ changes, format }: { changes: ChangesProps; format: HoursFormat }) {
    const hours = (minutes: number) => hoursInWords(minutes, format);

    return (
        <section aria-labelledby="this-week">
            <h2 id="this-week">{words.title}</h2>
            <p>{changes.entered === 0 ? words.none : words.entered(hours(changes.entered), hours(changes.pending))}</p>
            <p>
                {changes.forecast === 0
                    ? words.sameForecast
                    : words.forecast(hours(Math.abs(changes.forecast)), changes.forecast > 0)}
            </p>
            {changes.acts.length > 0 && (
                <ol aria-label={words.acts} className="mt-1">
                    {changes.acts.map((row) => (
                        <li key={row.id} className="border-t border-rule py-1 [overflow-wrap:anywhere]">
                            <TrailRow row={row} />
                        </li>
                    ))}
                </ol>
            )}
            {changes.isMore && <p className="pencilled">{words.more}</p>}
        </section>
    );
}
