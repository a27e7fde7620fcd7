import { OfficeShell } from '@/features/office';
import { wholeDate } from '@/lib/days';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { PayRuleProps, PayRulesProps } from '@/types/generated/props';
import { TableHead } from '@/ui/TableHead';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { PayRuleForm } from './PayRuleForm';
import { PayPremiums } from './PayPremiums';
import { costsOf, hasOvertime, sayingOf, whomOf } from './payRuleText';

const copy = officeText.payRulesPage;

/** All pay rules, and a new one or the one that is changed; below, the premiums. */
export function PayRulesPage({ pay }: { pay: PayRulesProps }) {
    const { rules, opened } = pay;
    const changed = rules.find(({ id }) => id === opened);

    return (
        <OfficeShell title={copy.title} finding={rules.length === 0 ? copy.none : copy.finding(rules.length)}>
            <p className="pencilled max-w-prose">{copy.hint}</p>
            <div className="mt-4 grid gap-x-14 gap-y-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
                {rules.length > 0 && (
                    <table className="w-full self-start">
                        <TableHead heads={[copy.whom, copy.from, copy.says]} />
                        <tbody>
                            {rules.map((rule) => (
                                <Row key={rule.id} rule={rule} isOpened={rule.id === opened} />
                            ))}
                        </tbody>
                    </table>
                )}
                <PayRuleForm
                    key={changed?.id ?? `new ${String(rules.length)}`}
                    rule={changed}
                    whom={changed === undefined ? '' : whomOf(changed)}
                />
            </div>
            <PayPremiums pay={pay} />
        </OfficeShell>
    );
}

function Row({ rule, isOpened }: { rule: PayRuleProps; isOpened: boolean }) {
    const { id, startsOn, fallsOn } = rule;
    const whom = whomOf(rule);

    return (
        <tr className={clsx(isOpened && 'bg-moss-wash')}>
            <th scope="row" className="min-w-24 border-b border-rule py-1 pe-4 align-top break-words">
                <Link
                    className="underline decoration-edge underline-offset-4"
                    href={route('office.pay-rules', {}, { rule: String(id) })}
                    title={copy.changeOf(whom)}
                    preserveScroll
                >
                    {whom}
                </Link>
            </th>
            <td className="border-b border-rule py-1 pe-4 align-top">{startsOn === null ? copy.always : wholeDate(startsOn)}</td>
            <td className="border-b border-rule py-1 pe-4 align-top">
                {sayingOf(rule)}
                {hasOvertime(rule) && <p className="pencilled">{copy.falls[fallsOn]}</p>}
                {costsOf(rule) !== '' && <p className="pencilled">{costsOf(rule)}</p>}
            </td>
        </tr>
    );
}
