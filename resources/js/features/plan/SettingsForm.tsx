import { text } from '@/lib/text';
import type { PlanProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { Checkbox } from '@/ui/Checkbox';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import type { Option } from '@/ui/combobox';
import { useForm } from '@inertiajs/react';
import { useState } from 'react';

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
    });
    const { data, setData } = form;
    const [client, setClient] = useState<Option[]>(plan.client === null ? [] : [{ code: plan.client, name: plan.client }]);
    const [manager, setManager] = useState<Option[]>([{ code: plan.managerCode, name: plan.manager }]);

    return (
        <form
            aria-label={text.plan.settings}
            className="my-2 flex flex-wrap items-end gap-x-4 gap-y-2 border-s-2 border-moss ps-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.put(`/projects/${plan.code}`, { preserveScroll: true, onSuccess: onClose });
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
            <Combobox
                label={text.newProject.client}
                kind="clients"
                takesNew
                chosen={client}
                className="w-52"
                onChange={(chosen) => {
                    setClient(chosen);
                    setData('client', chosen[0]?.code ?? '');
                }}
            />
            <Combobox
                label={text.newProject.manager}
                kind="people"
                required
                chosen={manager}
                className="w-44"
                onChange={(chosen) => {
                    setManager(chosen);
                    setData('manager', chosen[0]?.code ?? '');
                }}
            />
            <DateField
                label={text.plan.columns.startsOn ?? ''}
                defaultValue={data.startsOn}
                onPick={(day) => {
                    setData('startsOn', day);
                }}
            />
            <DateField
                label={text.plan.columns.endsOn ?? ''}
                defaultValue={data.endsOn}
                onPick={(day) => {
                    setData('endsOn', day);
                }}
            />
            <Select
                label={text.plan.estimates}
                options={modes.map((mode) => [mode, text.plan.estimateModes[mode]] as const)}
                value={data.estimateMode}
                onChoose={(mode) => {
                    setData('estimateMode', mode);
                }}
            />
            <Checkbox
                label={text.plan.billable}

                checked={data.billable}
                onChange={(checked) => {
                    setData('billable', checked);
                }}
            />
            <Checkbox
                label={text.plan.open}

                checked={data.isOpen}
                onChange={(checked) => {
                    setData('isOpen', checked);
                }}
            />
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
