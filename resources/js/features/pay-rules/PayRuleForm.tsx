import { changing } from '@/lib/changing';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { PayRuleProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { Link, useForm } from '@inertiajs/react';
import { payRuleData, type PayRuleData } from './payRuleData';
import { Costs, DaysAndNights, Thresholds, Whom } from './PayRuleParts';

const copy = officeText.payRulesPage;

/** A new rule, or one that is changed. */
export function PayRuleForm({ rule, whom }: { rule: PayRuleProps | undefined; whom: string }) {
    const form = useForm<PayRuleData>(payRuleData(rule));
    const part = {
        data: form.data,
        set: changing<PayRuleData>(form),
    };
    const title = rule === undefined ? copy.add : copy.changeOf(whom);

    return (
        <form
            aria-label={title}
            className="flex flex-col gap-4 self-start"
            onSubmit={(event) => {
                event.preventDefault();
                if (rule === undefined) {
                    form.post(route('office.pay-rules.add'), { preserveScroll: true });
                } else {
                    form.put(route('office.pay-rules.save', { payRule: rule.id }), { preserveScroll: true });
                }
            }}
        >
            <h2>{title}</h2>
            <Whom rule={rule} {...part} />
            <Thresholds {...part} />
            <DaysAndNights {...part} />
            <Costs {...part} />
            <FieldError of={Object.keys(form.errors)} />
            <p className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
                <button type="submit" className="act act-main" disabled={form.processing}>
                    {rule === undefined ? copy.add : copy.save}
                </button>
                {rule !== undefined && (
                    <>
                        <button
                            type="button"
                            className="act-quiet"
                            onClick={() => {
                                form.delete(route('office.pay-rules.remove', { payRule: rule.id }));
                            }}
                        >
                            {copy.remove}
                        </button>
                        <Link className="act-quiet" href={route('office.pay-rules')}>
                            {copy.cancel}
                        </Link>
                    </>
                )}
            </p>
        </form>
    );
}
