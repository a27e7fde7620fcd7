import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { LeaveProps, LeaveRequestProps } from '@/types/generated/props';
import { ReasonField } from '@/ui/ReasonField';
import { Select } from '@/ui/Select';
import { useForm } from '@inertiajs/react';
import { LeaveDays } from './LeaveDays';
import { Preview } from './Preview';

const copy = officeText.leavePage;

interface LeaveFormProps {
    leave: LeaveProps;
    /** What other days are asked for in the place of; null for something new. */
    changed: LeaveRequestProps | null;
    onDone: () => void;
}

/** Asks for leave, and says beforehand what it comes to. */
export function LeaveForm({ leave, changed, onDone }: LeaveFormProps) {
    const { person, isOwn, kinds } = leave;
    const form = useForm({
        kind: changed?.kind ?? kinds[0]?.id ?? 0,
        first: changed?.first ?? '',
        last: changed?.last ?? '',
        fromMidday: changed?.fromMidday ?? false,
        untilMidday: changed?.untilMidday ?? false,
        note: changed?.note ?? '',
    });
    const { data } = form;
    if (kinds.length === 0) {
        return <p className="text-faded">{copy.noKinds}</p>;
    }
    const title = changed === null ? (isOwn ? copy.request : copy.requestFor(person.name)) : copy.changeTitle;
    const sent = { preserveScroll: true, onSuccess: onDone };

    return (
        <section aria-labelledby="ask-leave">
            <h2 id="ask-leave">{title}</h2>
            <form
                aria-label={title}
                className="mt-2 flex flex-col gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    if (changed?.id == null) {
                        form.post(route('leave.request', { person: person.code }), sent);
                    } else {
                        form.put(route('leave.change', { leave: changed.id }), sent);
                    }
                }}
            >
                <Select
                    label={copy.kind}
                    value={String(data.kind)}
                    options={kinds.map(({ id, name }) => [String(id), name] as const)}
                    onChoose={(kind) => {
                        form.setData('kind', Number(kind));
                    }}
                />
                <LeaveDays
                    days={data}
                    onChange={(given) => {
                        form.setData((before) => ({ ...before, ...given }));
                    }}
                />
                <ReasonField
                    label={copy.note}
                    value={data.note}
                    isInvalid={false}
                    onType={(note) => {
                        form.setData('note', note);
                    }}
                />
                <Preview person={person.code} asked={data} changes={changed?.id ?? null} kinds={kinds} />
                <span className="flex gap-4">
                    <button type="submit" disabled={form.processing} className="act act-main">
                        {changed === null ? copy.submit : copy.save}
                    </button>
                    {changed !== null && (
                        <button type="button" className="act-quiet" onClick={onDone}>
                            {copy.cancel}
                        </button>
                    )}
                </span>
            </form>
        </section>
    );
}
