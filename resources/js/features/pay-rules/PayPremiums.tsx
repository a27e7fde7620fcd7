import { printList } from '@/lib/numbers';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { PayPremiumProps, PayRulesProps } from '@/types/generated/props';
import { TableHead } from '@/ui/TableHead';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { PayPremiumForm } from './PayPremiumForm';

const copy = officeText.payRulesPage.premiums;

/** Kinds of pay that people choose themselves, and a new one or the one that is changed. */
export function PayPremiums({ pay: { premiums, openedPremium } }: { pay: PayRulesProps }) {
    const changed = premiums.find(({ code }) => code === openedPremium);

    return (
        <section aria-labelledby="premiums" className="mt-10">
            <h2 id="premiums">{copy.title}</h2>
            <p className="pencilled max-w-prose">{copy.hint}</p>
            <div className="mt-4 grid gap-x-14 gap-y-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
                {premiums.length > 0 && (
                    <table className="w-full self-start">
                        <TableHead heads={[copy.name, copy.whom, copy.cost]} />
                        <tbody>
                            {premiums.map((premium) => (
                                <Row key={premium.id} premium={premium} isOpened={premium === changed} />
                            ))}
                        </tbody>
                    </table>
                )}
                <PayPremiumForm key={changed?.id ?? `new ${String(premiums.length)}`} premium={changed} />
            </div>
        </section>
    );
}

function Row({ premium, isOpened }: { premium: PayPremiumProps; isOpened: boolean }) {
    const { code, name, isWork, isActive, teams, people, costPercent } = premium;
    const cell = 'border-b border-rule py-1 pe-4 align-top';
    const users = [...teams, ...people].map((one) => one.name);

    return (
        <tr className={clsx(isOpened && 'bg-moss-wash', !isActive && 'text-faded')}>
            <th scope="row" className={clsx(cell, 'break-words')}>
                <Link
                    className="underline decoration-edge underline-offset-4"
                    href={route('office.pay-rules', {}, { premium: code })}
                    title={copy.changeOf(name)}
                    preserveScroll
                >
                    {name}
                </Link>
                <span className="block text-[0.9rem] font-normal text-faded">
                    {printList([isWork ? copy.isWork : copy.isNoWork, ...(isActive ? [] : [copy.notInUse])])}
                </span>
            </th>
            <td className={cell}>{users.length === 0 ? copy.everybody : printList(users)}</td>
            <td className={cell}>{copy.percent(costPercent)}</td>
        </tr>
    );
}
