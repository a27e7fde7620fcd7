import { text } from '@/lib/text';
import type { PlanProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { useForm } from '@inertiajs/react';

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
            <Field
                label={text.newProject.client}
                value={data.client}
                maxLength={200}
                className="w-52"
                onChange={(event) => {
                    setData('client', event.target.value);
                }}
            />
            <Field
                label={text.plan.managerByName}
                value={data.manager}
                maxLength={200}
                className="w-44"
                onChange={(event) => {
                    setData('manager', event.target.value);
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
                onChange={(event) => {
                    setData('estimateMode', event.target.value);
                }}
            />
            <label className="flex min-h-9 items-center gap-2">
                <input
                    type="checkbox"
                    className="size-6 accent-moss"
                    checked={data.billable}
                    onChange={(event) => {
                        setData('billable', event.target.checked);
                    }}
                />
                {text.plan.billable}
            </label>
            <label className="flex min-h-9 items-center gap-2">
                <input
                    type="checkbox"
                    className="size-6 accent-moss"
                    checked={data.isOpen}
                    onChange={(event) => {
                        setData('isOpen', event.target.checked);
                    }}
                />
                {text.plan.open}
            </label>
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
