import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { HoursFormat, RecipientProps, SubmissionProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';

interface SubmissionHoursProps {
    summary: SubmissionProps;
    entered: number;
    expected: number;
    format: HoursFormat;
}

function goesTo({ names, isOffice, approvesItself }: RecipientProps): string {
    if (names.length === 0) {
        return text.week.confirm.toNobody;
    }

    return [
        approvesItself ? text.week.confirm.approvesItself : text.week.confirm.to(names.join(text.week.confirm.then)),
        isOffice && !approvesItself ? text.week.confirm.noManager : null,
    ]
        .filter((part) => part !== null)
        .join('; ');
}

/** How much goes, by project, and to whom. */
export function SubmissionHours({ summary, entered, expected, format }: SubmissionHoursProps) {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const rows = [
        ...summary.projects.map(({ code, name, minutes }) => ({ key: code, name, minutes, isFirst: false })),
        ...summary.recipients.map((recipient, index) => ({
            key: `to ${index}`,
            name: goesTo(recipient),
            minutes: recipient.minutes,
            isFirst: index === 0,
        })),
    ];

    return (
        <>
            <p className="mt-1">{text.week.confirm.sum(hours(entered), hours(expected))}</p>
            {entered !== summary.minutes && (
                <p className="text-faded">{text.week.confirm.part(hours(summary.minutes), summary.entries)}</p>
            )}
            <table className="mt-2 w-full">
                <tbody>
                    {rows.map(({ key, name, minutes, isFirst }) => (
                        <tr
                            key={key}
                            className={isFirst ? 'border-t-2 border-edge align-baseline' : 'border-t border-rule align-baseline'}
                        >
                            <th scope="row" className="row-name py-0.5 pe-2">
                                {name}
                            </th>
                            <td className="text-end whitespace-nowrap">{hours(minutes)}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {summary.openExpenses > 0 && (
                <p className="mt-1">
                    <Link className="text-ochre underline underline-offset-4" href={route('expenses.current')}>
                        {text.week.confirm.openExpenses(summary.openExpenses)}
                    </Link>
                </p>
            )}
        </>
    );
}
