import { officeText } from '@/lib/officeText';
import type { OrganisationSetting, SettingsProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';

const copy = officeText.settingsPage;

interface SettingFieldsProps {
    setting: OrganisationSetting;
    values: Record<string, string>;
    settings: SettingsProps;
    onChange: (name: string, value: string) => void;
}

/** The fields of a setting. */
export function SettingFields({ setting, values, settings, onChange }: SettingFieldsProps) {
    const select = (name: string, label: string, options: readonly (readonly [string, string])[]) => (
        <Select
            key={name}
            label={label}
            value={values[name] ?? ''}
            options={options}
            onChoose={(value) => {
                onChange(name, value);
            }}
        />
    );
    const checkbox = (name: string, label: string) => (
        <Checkbox
            key={name}
            label={label}
            checked={values[name] === '1'}
            onChange={(checked) => {
                onChange(name, checked ? '1' : '0');
            }}
        />
    );
    const field = (name: string, label: string, longest: number) => (
        <Field
            key={name}
            label={label}
            maxLength={longest}
            value={values[name] ?? ''}
            onChange={(event) => {
                onChange(name, event.target.value);
            }}
        />
    );

    switch (setting) {
        case 'name':
            return field('name', copy.names.name, 200);
        case 'currency':
            return field('currency', copy.names.currency, 3);
        case 'calendar':
            return select('calendar', copy.names.calendar, [
                ['', copy.noCalendar],
                ...settings.calendars.map((code) => [code, code] as const),
            ]);
        case 'approval':
            return [
                select('route', copy.route, Object.entries(officeText.officePage.routes.kinds)),
                checkbox('self_approve', copy.selfApprove),
            ];
        case 'remaining estimates':
            return [
                select('mode', copy.mode, Object.entries(officeText.officePage.remaining.modes)),
                field('tolerance_minutes', copy.tolerance, 5),
            ];
        case 'week due':
            return field('days', copy.days, 2);
        case 'bill value':
            return checkbox('shown', copy.shown);
        case 'recording':
            return [
                field('step', copy.step, 4),
                <p key="hint" className="pencilled">
                    {copy.stepHint}
                </p>,
                select('rounding', copy.rounding, Object.entries(copy.roundings)),
            ];
        case 'anonymising':
            return [
                field('months', copy.months, 3),
                <p key="hint" className="pencilled">
                    {copy.monthsHint}
                    {settings.toAnonymise > 0 && ` ${copy.toAnonymise(settings.toAnonymise)}`}
                </p>,
            ];
    }
}
