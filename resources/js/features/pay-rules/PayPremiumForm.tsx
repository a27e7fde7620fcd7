import { changing } from '@/lib/changing';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { PayPremiumProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Combobox } from '@/ui/Combobox';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { Link, useForm } from '@inertiajs/react';
import { useState } from 'react';
import { payPremiumData, type PayPremiumData } from './payRuleData';

const copy = officeText.payRulesPage.premiums;

const LONGEST = { name: 100, code: 32, costPercent: 4 };

interface PayPremiumPart {
    data: PayPremiumData;
    set: (changed: Partial<PayPremiumData>) => void;
}

/** A new premium, or one that is changed; its code stays. */
export function PayPremiumForm({ premium }: { premium: PayPremiumProps | undefined }) {
    const form = useForm<PayPremiumData>(payPremiumData(premium));
    const part: PayPremiumPart = { data: form.data, set: changing(form) };
    const title = premium === undefined ? copy.add : copy.changeOf(premium.name);

    return (
        <form
            aria-label={title}
            className="flex flex-col gap-3 self-start"
            onSubmit={(event) => {
                event.preventDefault();
                if (premium === undefined) {
                    form.post(route('office.pay-rules.add-premium'), { preserveScroll: true });
                } else {
                    form.put(route('office.pay-rules.save-premium', { payPremium: premium.id }), { preserveScroll: true });
                }
            }}
        >
            <h3 className="font-semibold">{title}</h3>
            {(premium === undefined ? (['name', 'code'] as const) : (['name'] as const)).map((name) => (
                <Typed key={name} name={name} {...part} />
            ))}
            <Users premium={premium} {...part} />
            <Typed name="costPercent" {...part} />
            {(['isWork', 'isActive'] as const).map((name) => (
                <Checkbox
                    key={name}
                    label={copy[name]}
                    checked={form.data[name]}
                    onChange={(is) => {
                        part.set({ [name]: is });
                    }}
                />
            ))}
            <FieldError of={[...Object.keys(form.errors), 'premium']} />
            <p className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
                <button type="submit" className="act act-main" disabled={form.processing}>
                    {premium === undefined ? copy.add : copy.save}
                </button>
                {premium !== undefined && (
                    <>
                        <button
                            type="button"
                            className="act-quiet"
                            onClick={() => {
                                form.delete(route('office.pay-rules.remove-premium', { payPremium: premium.id }), {
                                    preserveScroll: true,
                                });
                            }}
                        >
                            {copy.remove}
                        </button>
                        <Link className="act-quiet" href={route('office.pay-rules')} preserveScroll>
                            {copy.cancel}
                        </Link>
                    </>
                )}
            </p>
        </form>
    );
}

function Typed({ name, data, set }: PayPremiumPart & { name: keyof typeof LONGEST }) {
    return (
        <Field
            label={copy[name]}
            inputMode={name === 'costPercent' ? 'numeric' : 'text'}
            className={name === 'costPercent' ? 'w-24' : ''}
            maxLength={LONGEST[name]}
            value={data[name]}
            onChange={(event) => {
                set({ [name]: event.target.value });
            }}
        />
    );
}

/** Who may choose it. */
function Users({ premium, set }: PayPremiumPart & { premium: PayPremiumProps | undefined }) {
    const [chosen, choose] = useState({ teams: premium?.teams ?? [], people: premium?.people ?? [] });

    return (['teams', 'people'] as const).map((kind) => (
        <Combobox
            key={kind}
            label={copy[kind]}
            kind={kind}
            takesMany
            chosen={chosen[kind]}
            onChange={(now) => {
                choose({ ...chosen, [kind]: now });
                set({ [kind]: now.map(({ code }) => code) });
            }}
        />
    ));
}
