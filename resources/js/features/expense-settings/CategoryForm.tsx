import { changing } from '@/lib/changing';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpenseSettingsProps, CategorySettingsProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Combobox } from '@/ui/Combobox';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { Link, useForm } from '@inertiajs/react';
import { useState } from 'react';
import { categoryData, type CategoryData, type CategoryPart } from './categoryData';
import { LimitFields, TaxFields } from './CategoryParts';

const copy = officeText.expenseSettings;

/** A new category, or one that is changed. */
export function CategoryForm({
    settings,
    category,
}: {
    settings: ExpenseSettingsProps;
    category: CategorySettingsProps | undefined;
}) {
    const form = useForm<CategoryData>(categoryData(category));
    const part: CategoryPart = { data: form.data, set: changing(form) };
    const title = category === undefined ? copy.add : copy.changeOf(category.name);

    return (
        <form
            aria-label={title}
            className="flex flex-col gap-3 self-start"
            onSubmit={(event) => {
                event.preventDefault();
                if (category === undefined) {
                    form.post(route('office.expenses.add-category'), { preserveScroll: true });
                } else {
                    form.put(route('office.expenses.save-category', { expenseCategory: category.id }), { preserveScroll: true });
                }
            }}
        >
            <h2>{title}</h2>
            {(['name', 'code'] as const).map((name) => (
                <Field
                    key={name}
                    label={copy[name]}
                    maxLength={name === 'code' ? 40 : 100}
                    value={form.data[name]}
                    onChange={(event) => {
                        part.set({ [name]: event.target.value });
                    }}
                />
            ))}
            <TaxFields {...part} />
            <LimitFields {...part} currency={settings.currency} />
            <Teams category={category} {...part} />
            {(
                [
                    ['isMileage', copy.isMileage],
                    ['reclaimsTax', copy.reclaims],
                    ['isCharged', copy.isCharged],
                    ['isActive', copy.isActive],
                ] as const
            ).map(([name, label]) => (
                <Checkbox
                    key={name}
                    label={label}
                    checked={form.data[name]}
                    onChange={(is) => {
                        part.set({ [name]: is });
                    }}
                />
            ))}
            <FieldError of={Object.keys(form.errors)} />
            <p className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
                <button type="submit" className="act act-main" disabled={form.processing}>
                    {category === undefined ? copy.add : copy.save}
                </button>
                {category !== undefined && <OtherActs category={category} />}
            </p>
        </form>
    );
}

function OtherActs({ category }: { category: CategorySettingsProps }) {
    const form = useForm();

    return (
        <>
            <button
                type="button"
                className="act-quiet"
                onClick={() => {
                    form.delete(route('office.expenses.remove-category', { expenseCategory: category.id }));
                }}
            >
                {copy.remove}
            </button>
            <Link className="act-quiet" href={route('office.expenses')}>
                {copy.cancel}
            </Link>
        </>
    );
}

/** Who may use it. */
function Teams({ category, set }: CategoryPart & { category: CategorySettingsProps | undefined }) {
    const [teams, choose] = useState(category?.teams ?? []);

    return (
        <Combobox
            label={copy.teams}
            kind="teams"
            takesMany
            chosen={teams}
            onChange={(chosen) => {
                choose(chosen);
                set({ teams: chosen.map(({ code }) => code) });
            }}
        />
    );
}
