import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { OrganisationSetting, SettingsProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { SettingFields } from './SettingFields';

const copy = officeText.settingsPage;

/** Changes one setting, at once or from a day on. */
export function SettingForm({ settings }: { settings: SettingsProps }) {
    const [setting, choose] = useState<OrganisationSetting>('approval');
    const [changed, change] = useState<Record<string, string>>({});
    const [from, setFrom] = useState('');
    const now = settings.settings.find((each) => each.setting === setting)?.values ?? {};
    const values = { ...now, ...changed };

    return (
        <form
            aria-label={copy.form}
            className="flex flex-col gap-4"
            onSubmit={(event) => {
                event.preventDefault();
                router.put(route('office.settings.save'), { setting, values, from }, { preserveScroll: true });
            }}
        >
            <h2>{copy.form}</h2>
            <Select
                label={copy.setting}
                value={setting}
                options={Object.entries(copy.names)}
                onChoose={(chosen) => {
                    choose(chosen as OrganisationSetting);
                    change({});
                }}
            />
            <SettingFields
                setting={setting}
                values={values}
                settings={settings}
                onChange={(name, value) => {
                    change({ ...changed, [name]: value });
                }}
            />
            <DateField label={copy.from} min={settings.today} onPick={setFrom} />
            <p className="pencilled">{copy.fromHint}</p>
            <button type="submit" className="act self-start">
                {copy.save}
            </button>
        </form>
    );
}
