import { hoursInWords, printHours } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { RestatementMode, RestatementSettingsProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { Trouble } from '@/ui/Trouble';
import { router } from '@inertiajs/react';
import { OfficeShell } from './OfficeShell';

const modes: RestatementMode[] = ['immediate', 'notify', 'approve'];

/** How words on what is left count. */
export function RestatementSettingsPage({ settings }: { settings: RestatementSettingsProps }) {
    const words = text.officePage.remaining;
    const format = useHoursFormat();

    return (
        <OfficeShell title={words.name}>
            <h1>{words.title[settings.mode]}</h1>
            <p className="mt-1 max-w-prose text-faded">
                {words.explained(hoursInWords(settings.tolerance, format))}{' '}
                {settings.otherwise > 0 && words.otherwise(settings.otherwise)}
            </p>
            <form
                className="mt-3 flex flex-wrap items-end gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.put('/office/remaining', Object.fromEntries(new FormData(event.currentTarget)), {
                        preserveScroll: true,
                    });
                }}
            >
                <Select
                    label={words.mode}
                    name="mode"
                    defaultValue={settings.mode}
                    options={modes.map((mode) => [mode, words.modes[mode]])}
                />
                <Field
                    label={words.tolerance}
                    name="tolerance"
                    key={settings.tolerance}
                    defaultValue={printHours(settings.tolerance, format)}
                    className="w-32"
                />
                <button className="act act-main">{words.set}</button>
            </form>
            <Trouble />
        </OfficeShell>
    );
}
