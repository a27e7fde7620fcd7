import clsx from 'clsx';
import { hoursWithUnit } from '@/lib/hours';
import { officeText } from '@/lib/officeText';
import { useShared } from '@/lib/shared';
import type { PayrollPreviewProps } from '@/types/generated/props';
import { SideScroll } from '@/ui/SideScroll';
import { PreviewHead } from './PreviewHead';

const copy = officeText.billingPage;
const number = 'py-1 ps-4 text-end whitespace-nowrap';
const cell = `border-b border-rule ${number}`;

/** What a payroll file would have of each person, by kind of pay, before it is created. */
export function PayrollPreview({ preview: { kinds, people, left, minutes, ofKinds } }: { preview: PayrollPreviewProps }) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';
    const hours = (of: number) => hoursWithUnit(of, format);

    return (
        <SideScroll labelledBy="preview">
            <table className={clsx('mt-1 w-full max-w-4xl', kinds.length > 0 && 'min-w-[40rem]')}>
                <PreviewHead of={[copy.person, copy.team]} figures={[...kinds, copy.hours]} />
                <tbody>
                    {people.map((person) => (
                        <tr key={person.code}>
                            <th scope="row" className="border-b border-rule py-1 font-normal [overflow-wrap:anywhere]">
                                {person.name}
                            </th>
                            <td className="border-b border-rule py-1 ps-4 [overflow-wrap:anywhere]">{person.team}</td>
                            {kinds.map((kind, index) => (
                                <td key={kind} className={cell}>
                                    {person.ofKinds[index] !== 0 && hours(person.ofKinds[index] ?? 0)}
                                </td>
                            ))}
                            <td className={cell}>{hours(person.minutes)}</td>
                        </tr>
                    ))}
                    {left > 0 && (
                        <tr>
                            <td colSpan={3 + kinds.length} className="border-b border-rule py-1 text-faded">
                                {copy.morePeople(left)}
                            </td>
                        </tr>
                    )}
                </tbody>
                <tfoot>
                    <tr className="font-semibold">
                        <th scope="row" colSpan={2} className="py-1">
                            {copy.totalOf(people.length + left)}
                        </th>
                        {kinds.map((kind, index) => (
                            <td key={kind} className={number}>
                                {hours(ofKinds[index] ?? 0)}
                            </td>
                        ))}
                        <td className={number}>{hours(minutes)}</td>
                    </tr>
                </tfoot>
            </table>
        </SideScroll>
    );
}
