import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import { Checkbox } from '@/ui/Checkbox';
import { DateField } from '@/ui/DateField';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.filesPage;

/** Has files written: which, and of which period. */
export function ExportForm({ kinds }: { kinds: string[] }) {
    const [chosen, choose] = useState<readonly string[]>(kinds);

    return (
        <section aria-labelledby="export-files">
            <h2 id="export-files">{copy.export}</h2>
            <form
                aria-label={copy.export}
                className="mt-2 flex flex-col gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    const given = new FormData(event.currentTarget);
                    router.post(
                        route('office.files.export'),
                        { kinds: [...chosen], from: given.get('from'), to: given.get('to') },
                        { preserveScroll: true },
                    );
                }}
            >
                <fieldset>
                    <legend>{copy.kinds}</legend>
                    <p className="flex gap-4">
                        {([copy.all, copy.none] as const).map((act, index) => (
                            <button
                                key={act}
                                type="button"
                                className="act-quiet"
                                onClick={() => {
                                    choose(index === 0 ? kinds : []);
                                }}
                            >
                                {act}
                            </button>
                        ))}
                    </p>
                    <div className="grid grid-cols-[repeat(auto-fill,minmax(13.5rem,1fr))] gap-x-4">
                        {kinds.map((kind) => (
                            <Checkbox
                                key={kind}
                                label={kind}
                                checked={chosen.includes(kind)}
                                onChange={(isChosen) => {
                                    choose(isChosen ? [...chosen, kind] : chosen.filter((each) => each !== kind));
                                }}
                            />
                        ))}
                    </div>
                </fieldset>
                <div className="flex flex-wrap gap-4">
                    <DateField label={copy.from} name="from" />
                    <DateField label={copy.to} name="to" />
                </div>
                <p className="pencilled">{copy.periodHint}</p>
                <button type="submit" disabled={chosen.length === 0} className="act self-start">
                    {copy.write}
                </button>
            </form>
        </section>
    );
}
