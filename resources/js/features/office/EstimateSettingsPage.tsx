import { route } from '@/lib/route';
import { hoursWithUnit, typedHours } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { EstimateMode, EstimateSettingsProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { OfficeShell } from './OfficeShell';

const modes: EstimateMode[] = ['immediate', 'notify', 'approve'];

/** How remaining estimates take effect. */
export function EstimateSettingsPage({ settings }: { settings: EstimateSettingsProps }) {
    const copy = officeText.officePage.remaining;
    const format = useHoursFormat();

    return (
        <OfficeShell title={copy.name} finding={copy.finding[settings.mode]}>
            <p className="mt-1 max-w-prose text-faded">
                {copy.explained(hoursWithUnit(settings.tolerance, format))}{' '}
                {settings.otherwise > 0 && copy.otherwise(settings.otherwise)}
            </p>
            <form
                className="mt-3 flex flex-wrap items-baseline-last gap-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.put(route('office.remaining.set'), Object.fromEntries(new FormData(event.currentTarget)), {
                        preserveScroll: true,
                    });
                }}
            >
                <Select
                    label={copy.mode}
                    name="mode"
                    defaultValue={settings.mode}
                    options={modes.map((mode) => [mode, copy.modes[mode]])}
                />
                <Field
                    label={copy.tolerance}
                    name="tolerance"
                    key={settings.tolerance}
                    defaultValue={typedHours(settings.tolerance, format)}
                    className="w-32"
                />
                <button className="act act-main">{copy.set}</button>
            </form>
            <FieldError />
        </OfficeShell>
    );
}
