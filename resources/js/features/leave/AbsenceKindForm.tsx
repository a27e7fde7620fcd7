import { printHalves } from '@/lib/numbers';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { AbsenceClass, AbsenceKindRowProps, AbsenceVisibility } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { useForm } from '@inertiajs/react';

const copy = officeText.absenceKindsPage;

interface AbsenceKindFormProps {
    /** What is changed; without one, something new is added. */
    kind?: AbsenceKindRowProps;
    year: number;
    onDone?: () => void;
}

interface AbsenceKindInput {
    name: string;
    countsAs: AbsenceClass;
    visibleTo: AbsenceVisibility;
    needsApproval: boolean;
    allowance: string;
    carried: string;
    from: string;
    retired: boolean;
}

/** A new kind of absence, or other settings of one. */
export function AbsenceKindForm({ kind, year, onDone }: AbsenceKindFormProps) {
    const form = useForm<AbsenceKindInput>({
        name: kind?.name ?? '',
        countsAs: kind?.countsAs ?? 'leave',
        visibleTo: kind?.visibleTo ?? 'everybody',
        needsApproval: kind?.needsApproval ?? true,
        allowance: kind?.allowance == null ? '' : printHalves(kind.allowance),
        carried: kind === undefined || kind.carriedAtMost === 0 ? '' : printHalves(kind.carriedAtMost),
        from: String(kind?.allowanceFrom ?? year),
        retired: kind?.isRetired ?? false,
    });
    const typed = (name: 'name' | 'allowance' | 'carried' | 'from') => ({
        value: form.data[name],
        onChange: (event: { target: { value: string } }) => {
            form.setData(name, event.target.value);
        },
    });
    const sent = { preserveScroll: true, onSuccess: () => onDone?.() };

    return (
        <form
            aria-label={kind === undefined ? copy.add : copy.changeOf(kind.name)}
            className="mt-3 flex flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                if (kind === undefined) {
                    form.post(route('office.absence-kinds.add'), sent);
                } else {
                    form.put(route('office.absence-kinds.save', { kind: kind.id }), sent);
                }
            }}
        >
            <Field label={copy.name} required maxLength={60} className="w-44" {...typed('name')} />
            <Select
                label={copy.countsAs}
                value={form.data.countsAs}
                options={Object.entries(copy.classes)}
                onChoose={(chosen) => {
                    form.setData('countsAs', chosen as AbsenceClass);
                }}
            />
            <Select
                label={copy.visibleTo}
                value={form.data.visibleTo}
                options={Object.entries(copy.visibilities)}
                onChoose={(chosen) => {
                    form.setData('visibleTo', chosen as AbsenceVisibility);
                }}
            />
            <Field label={copy.allowance} inputMode="decimal" maxLength={5} className="w-24" {...typed('allowance')} />
            <Field label={copy.carried} inputMode="decimal" maxLength={5} className="w-36" {...typed('carried')} />
            <Field label={copy.from} inputMode="numeric" maxLength={4} className="w-32" {...typed('from')} />
            <Checkbox
                label={copy.needsApproval}
                checked={form.data.needsApproval}
                onChange={(needsApproval) => {
                    form.setData('needsApproval', needsApproval);
                }}
            />
            {kind !== undefined && (
                <Checkbox
                    label={copy.retiredHint}
                    checked={form.data.retired}
                    onChange={(retired) => {
                        form.setData('retired', retired);
                    }}
                />
            )}
            <button type="submit" disabled={form.processing} className="act">
                {kind === undefined ? copy.add : copy.save}
            </button>
            {kind !== undefined && (
                <button type="button" className="act-quiet" onClick={onDone}>
                    {copy.cancel}
                </button>
            )}
            <p className="w-full pencilled">{copy.daysHint}</p>
        </form>
    );
}
