import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { PlanProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { OwnFieldInputs, ownValues } from '@/ui/OwnFieldInputs';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { useForm } from '@inertiajs/react';
import { ClientAndManager } from './ClientAndManager';
import { ProjectDays } from './ProjectDays';

const modes = ['', 'immediate', 'notify', 'approve'] as const;

/** What the project is: its name, client, days, whether it bills and is open, and how remaining estimates take effect. */
export function SettingsForm({ plan, onClose }: { plan: PlanProps; onClose: () => void }) {
    const form = useForm({
        name: plan.name,
        client: plan.client ?? '',
        manager: plan.managerCode,
        startsOn: plan.startsOn ?? '',
        endsOn: plan.endsOn ?? '',
        billable: plan.billable,
        isOpen: plan.isOpen,
        estimateMode: plan.estimateMode ?? '',
        fields: ownValues(plan.fields, plan.values),
    });
    const { data, setData } = form;

    return (
        <form
            aria-label={text.plan.settings}
            className="my-2 flex flex-wrap items-baseline-last gap-x-4 gap-y-2 border-s-2 border-moss ps-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.put(route('project.change', { project: plan.code }), { preserveScroll: true, onSuccess: onClose });
            }}
        >
            <Field
                label={text.newProject.what}
                value={data.name}
                maxLength={200}
                className="w-72"
                onChange={(event) => {
                    setData('name', event.target.value);
                }}
            />
            <ClientAndManager
                client={plan.client === null ? null : { code: plan.client, name: plan.client }}
                manager={{ code: plan.managerCode, name: plan.manager }}
                onClient={(client) => {
                    setData('client', client);
                }}
                onManager={(manager) => {
                    setData('manager', manager);
                }}
            />
            <ProjectDays startsOn={data.startsOn} endsOn={data.endsOn} onPick={setData} />
            <Select
                label={text.plan.estimates}
                options={modes.map((mode) => [mode, text.plan.estimateModes[mode]] as const)}
                value={data.estimateMode}
                onChoose={(mode) => {
                    setData('estimateMode', mode);
                }}
            />
            <OwnFieldInputs
                fields={plan.fields}
                values={data.fields}
                onChange={(fields) => {
                    setData('fields', fields);
                }}
            />
            <Flags billable={data.billable} isOpen={data.isOpen} onChange={setData} />
            <FieldError of={plan.fields.map(({ code }) => `fields.${code}`)} />
            <span className="flex gap-2">
                <button type="submit" className="act act-main" disabled={form.processing}>
                    {text.plan.saveSettings}
                </button>
                <button type="button" className="act" onClick={onClose}>
                    {text.week.close}
                </button>
            </span>
        </form>
    );
}

interface FlagsProps {
    billable: boolean;
    isOpen: boolean;
    onChange: (name: 'billable' | 'isOpen', checked: boolean) => void;
}

/** Whether its time bills, and whether it is open. */
function Flags({ billable, isOpen, onChange }: FlagsProps) {
    return (
        <>
            <Checkbox
                label={text.plan.billable}
                checked={billable}
                onChange={(checked) => {
                    onChange('billable', checked);
                }}
            />
            <Checkbox
                label={text.plan.open}
                checked={isOpen}
                onChange={(checked) => {
                    onChange('isOpen', checked);
                }}
            />
        </>
    );
}
