import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { LeaveProps } from '@/types/generated/props';
import { FileField } from '@/ui/FileField';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.leavePage;

/** Absences out to a calendar file, and in from one. */
export function CalendarFiles({ leave }: { leave: LeaveProps }) {
    const { person, kinds } = leave;
    const [file, setFile] = useState<File | null>(null);
    const [kind, setKind] = useState(String(kinds[0]?.id ?? ''));

    return (
        <section aria-labelledby="calendar-files">
            <h2 id="calendar-files">{copy.files}</h2>
            <p>
                <a className="act-quiet" href={route('leave.file', { person: person.code })} download>
                    {copy.download}
                </a>
            </p>
            {kinds.length > 0 && (
                <form
                    aria-label={copy.files}
                    className="mt-2 flex flex-col gap-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        void file?.text().then((calendar) => {
                            router.post(
                                route('leave.from-file', { person: person.code }),
                                { calendar, kind },
                                { preserveScroll: true },
                            );
                        });
                    }}
                >
                    <FileField label={copy.file} accept=".ics,text/calendar" required onPick={setFile} />
                    <Select
                        label={copy.fileKind}
                        value={kind}
                        options={kinds.map(({ id, name }) => [String(id), name] as const)}
                        onChoose={setKind}
                    />
                    <p className="pencilled">{copy.fileHint}</p>
                    <button type="submit" className="act self-start">
                        {copy.fileSubmit}
                    </button>
                </form>
            )}
        </section>
    );
}
