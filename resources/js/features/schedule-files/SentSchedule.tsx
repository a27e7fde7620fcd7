import { instant } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { SentScheduleProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ScheduleDifferences } from './ScheduleDifferences';

const copy = officeText.schedulePage;

/** A file beside the plan: what it says otherwise, to be taken over part by part. */
export function SentSchedule({ code, sent }: { code: string; sent: SentScheduleProps }) {
    const open = sent.differences.filter((one) => one.conflict !== 'recorded');
    const [chosen, choose] = useState<ReadonlySet<string>>(
        // What a file leaves out may be what it is not about.
        new Set(open.filter((one) => one.conflict === null && one.outcome !== 'gone').map((one) => one.key)),
    );
    const keys = open.map((one) => one.key).filter((key) => chosen.has(key));

    return (
        <section aria-labelledby="sent" className="mt-6">
            <h2 id="sent" className="[overflow-wrap:anywhere]">
                {copy.sent(sent.name, sent.by, instant(sent.receivedAt))}
            </h2>
            <p className="text-faded">
                {sent.differences.length === 0 && sent.faults.length === 0 ? copy.nothing : sent.same > 0 && copy.same(sent.same)}{' '}
                {sent.unknown.length > 0 && copy.unknown(sent.unknown.join(', '))}
            </p>
            {sent.faults.length > 0 && (
                <div className="mt-3">
                    <h3>{copy.faults}</h3>
                    <ul className="text-brick">
                        {sent.faults.map(({ line, sentence }) => (
                            <li key={line}>{copy.fault(line, sentence)}</li>
                        ))}
                    </ul>
                </div>
            )}
            {sent.differences.length > 0 && (
                <ScheduleDifferences
                    differences={sent.differences}
                    chosen={chosen}
                    onChoose={(some, isChosen) => {
                        choose(new Set(isChosen ? [...chosen, ...some] : [...chosen].filter((key) => !some.includes(key))));
                    }}
                />
            )}
            <FieldError of={['keys']} />
            <p className="mt-3 flex flex-wrap gap-x-4">
                {open.length > 0 && (
                    <button
                        type="button"
                        disabled={keys.length === 0}
                        className="act act-main"
                        onClick={() => {
                            router.post(route('project.schedule.take', { project: code }), { keys }, { preserveScroll: true });
                        }}
                    >
                        {copy.take(keys.length)}
                    </button>
                )}
                <button
                    type="button"
                    className="act-quiet"
                    onClick={() => {
                        router.delete(route('project.schedule.discard', { project: code }));
                    }}
                >
                    {copy.discard}
                </button>
            </p>
        </section>
    );
}
