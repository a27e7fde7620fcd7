import { shortDay } from '@/lib/days';
import { printList, printNumber } from '@/lib/numbers';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { ApproverTimeProps } from '@/types/generated/props';
import { SideScroll } from '@/ui/SideScroll';
import { Link } from '@inertiajs/react';
import type { ReactNode } from 'react';

/** Whose decision something waits for, and who decides in their place today. */
export function UndecidedTable({ approvers }: { approvers: ApproverTimeProps[] }) {
    const copy = officeText.officePage.periods;
    const hasExpenses = approvers.some(({ expenses }) => expenses > 0);
    const hasCorrections = approvers.some(({ corrections }) => corrections > 0);

    return (
        <section aria-labelledby="undecided">
            <h2 id="undecided">{copy.approversTitle}</h2>
            <SideScroll labelledBy="undecided">
                <table className="w-full">
                    <thead>
                        <tr className="text-faded">
                            <th scope="col">{copy.approver}</th>
                            <NumberHead>{copy.entries}</NumberHead>
                            <NumberHead>{copy.ofPeople}</NumberHead>
                            {hasExpenses && <NumberHead>{copy.expenses}</NumberHead>}
                            {hasCorrections && <NumberHead>{copy.corrections}</NumberHead>}
                            <th scope="col" className="ps-3">
                                {copy.since}
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {approvers.map((one) => (
                            <tr key={one.code ?? ''} className="border-t border-rule">
                                <th scope="row" className="py-1">
                                    {one.name ?? (
                                        <Link className="act-quiet" href={route('review')}>
                                            {copy.timeOffice}
                                        </Link>
                                    )}
                                    {one.standIns.length > 0 && (
                                        <span className="block text-faded">{copy.standIn(printList(one.standIns))}</span>
                                    )}
                                </th>
                                <NumberCell>{printNumber(one.entries)}</NumberCell>
                                <NumberCell>{printNumber(one.people)}</NumberCell>
                                {hasExpenses && <NumberCell>{printNumber(one.expenses)}</NumberCell>}
                                {hasCorrections && <NumberCell>{printNumber(one.corrections)}</NumberCell>}
                                <td className="ps-3">{shortDay(one.first)}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </SideScroll>
        </section>
    );
}

function NumberHead({ children }: { children: ReactNode }) {
    return (
        <th scope="col" className="px-2 text-end">
            {children}
        </th>
    );
}

function NumberCell({ children }: { children: ReactNode }) {
    return <td className="px-2 text-end">{children}</td>;
}
