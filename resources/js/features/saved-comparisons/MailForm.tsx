import { weekdayName } from '@/lib/days';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { SavedComparisonProps } from '@/types/generated/props';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';

const copy = text.savedPage;

const weekdays = [1, 2, 3, 4, 5, 6, 7] as const;
const daysOfMonth = Array.from({ length: 28 }, (_, index) => index + 1);

/** Has the comparison mailed to its reader on a day of the week or month. */
export function MailForm({ comparison }: { comparison: SavedComparisonProps }) {
    const { id, mailing } = comparison;
    const rhythm = mailing?.rhythm ?? '';
    const subscribe = (rhythm: string, day: number) => {
        router.put(route('comparisons.subscribe', { saved: id }), { rhythm, day }, { preserveScroll: true });
    };

    return (
        <section aria-label={copy.mail}>
            <h3>{copy.mail}</h3>
            <p className="text-faded">{copy.mailExplained}</p>
            <div className="mt-1 flex flex-wrap items-baseline-last gap-3">
                <Select
                    label={copy.rhythm}
                    value={rhythm}
                    options={Object.entries(copy.rhythms)}
                    onChoose={(chosen) => {
                        if (chosen === '') {
                            router.delete(route('comparisons.unsubscribe', { saved: id }), { preserveScroll: true });
                        } else {
                            subscribe(chosen, 1);
                        }
                    }}
                />
                {mailing !== null && (
                    <Select
                        label={copy.day}
                        value={String(mailing.day)}
                        options={
                            mailing.rhythm === 'week'
                                ? weekdays.map((day) => [String(day), weekdayName(day)] as const)
                                : daysOfMonth.map((day) => [String(day), copy.dayOfMonth(day)] as const)
                        }
                        onChoose={(day) => {
                            subscribe(mailing.rhythm, Number(day));
                        }}
                    />
                )}
            </div>
        </section>
    );
}
