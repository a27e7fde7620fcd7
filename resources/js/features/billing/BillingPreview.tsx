import { hoursWithUnit } from '@/lib/hours';
import { printMoney } from '@/lib/money';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import { useShared } from '@/lib/shared';
import type { BillingPreviewProps } from '@/types/generated/props';
import { SideScroll } from '@/ui/SideScroll';
import { Link } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { PreviewHead } from './PreviewHead';

const copy = officeText.billingPage;
const cell = 'border-b border-rule py-1 ps-4 text-end whitespace-nowrap';

/** What a billing file would come to, by project, before it is created. */
export function BillingPreview({
    preview: { projects, minutes, amount, unrated },
    currency,
}: {
    preview: BillingPreviewProps;
    currency: string;
}) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';
    const hours = (of: number) => hoursWithUnit(of, format);
    const columns = [copy.hours, copy.amount, ...(unrated > 0 ? [copy.withoutRate] : [])];

    return (
        <>
            {unrated > 0 && (
                <p className="text-ochre">
                    {copy.unratedWarning(hours(unrated))}{' '}
                    <Link className="act-quiet" href={route('office.rates')}>
                        {copy.setRates}
                    </Link>
                </p>
            )}
            <SideScroll labelledBy="preview">
                <table className="mt-1 w-full max-w-4xl min-w-[40rem]">
                    <PreviewHead of={[copy.ofClient, copy.project]} figures={columns} />
                    <tbody>
                        {projects.map((project) => (
                            <tr key={project.code}>
                                <td className="border-b border-rule py-1 [overflow-wrap:anywhere]">{project.client}</td>
                                <th scope="row" className="border-b border-rule py-1 ps-4 font-normal [overflow-wrap:anywhere]">
                                    <Link href={route('project', { project: project.code })} className="act-quiet">
                                        {project.name}
                                    </Link>
                                </th>
                                <td className={cell}>{hours(project.minutes)}</td>
                                <td className={cell}>{printMoney(project.amount, currency)}</td>
                                {unrated > 0 && <td className={cell}>{project.unrated > 0 && hours(project.unrated)}</td>}
                            </tr>
                        ))}
                    </tbody>
                    <tfoot>
                        <tr className="font-semibold">
                            <th scope="row" colSpan={2} className="py-1">
                                {copy.total}
                            </th>
                            <Sum>{hours(minutes)}</Sum>
                            <Sum>{printMoney(amount, currency)}</Sum>
                            {unrated > 0 && <Sum>{hours(unrated)}</Sum>}
                        </tr>
                    </tfoot>
                </table>
            </SideScroll>
        </>
    );
}

function Sum({ children }: { children: ReactNode }) {
    return <td className="py-1 ps-4 text-end whitespace-nowrap">{children}</td>;
}
