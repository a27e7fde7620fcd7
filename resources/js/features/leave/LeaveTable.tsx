import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { HoursFormat, LeaveProps, LeaveRequestProps } from '@/types/generated/props';
import { Confirm } from '@/ui/Confirm';
import { router } from '@inertiajs/react';
import clsx from 'clsx';
import { spanWords, stateWords } from './leaveWords';

const copy = officeText.leavePage;

/** What the columns are called; on a phone some are said below the days. */
const heads = [
    [copy.when, false],
    [copy.kind, true],
    [copy.amount, true],
    [copy.status, false],
    [copy.acts, false],
] as const;

interface LeaveTableProps {
    leave: LeaveProps;
    onChange: (request: LeaveRequestProps) => void;
}

/** What was asked for and recorded in the year, the latest first. */
export function LeaveTable({ leave, onChange }: LeaveTableProps) {
    const format = useHoursFormat();

    if (leave.requests.length === 0) {
        return <p className="text-faded">{copy.none(leave.year)}</p>;
    }

    return (
        <table className="w-full self-start">
            <caption className="text-start font-semibold">{copy.list}</caption>
            <thead className="text-faded">
                <tr>
                    {heads.map(([head, isBelow]) => (
                        <th key={head} scope="col" className={clsx('border-b border-edge pe-4', isBelow && 'max-sm:hidden')}>
                            {head}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {leave.requests.map((request) => (
                    <Row
                        key={`${String(request.id)} ${request.first} ${request.kindName}`}
                        request={request}
                        decider={leave.decider}
                        format={format}
                        onChange={onChange}
                    />
                ))}
            </tbody>
        </table>
    );
}

interface RowProps {
    request: LeaveRequestProps;
    decider: string | null;
    format: HoursFormat;
    onChange: (request: LeaveRequestProps) => void;
}

function Row({ request, decider, format, onChange }: RowProps) {
    const days = spanWords(request);
    const amount = `${copy.days(request.halfDays)}, ${hoursWithUnit(request.minutes, format)}`;
    const isGone = request.state !== null && request.state !== 'requested' && request.state !== 'approved';

    return (
        <tr className={clsx(request.state === 'requested' && 'pencilled', isGone && 'text-faded')}>
            <th scope="row" className={clsx('border-b border-rule py-1 pe-4', isGone && 'line-through')}>
                {days}
                <span className="block font-normal text-faded sm:hidden">
                    {request.kindName}, {amount}
                </span>
            </th>
            <td className="border-b border-rule pe-4 max-sm:hidden">{request.kindName}</td>
            <td className="border-b border-rule pe-4 max-sm:hidden">{amount}</td>
            <td className="border-b border-rule pe-4">
                {stateWords(request, decider)}
                {request.comment !== '' && <span className="block text-faded [overflow-wrap:anywhere]">“{request.comment}”</span>}
                {request.note !== '' && <span className="block text-faded [overflow-wrap:anywhere]">{request.note}</span>}
            </td>
            <td className="border-b border-rule not-italic">
                {request.mayChange && request.id !== null && <Acts request={request} days={days} onChange={onChange} />}
            </td>
        </tr>
    );
}

function Acts({
    request,
    days,
    onChange,
}: {
    request: LeaveRequestProps;
    days: string;
    onChange: (request: LeaveRequestProps) => void;
}) {
    const takeBack = () => {
        router.delete(route('leave.take-back', { leave: request.id ?? 0 }), { preserveScroll: true });
    };

    return (
        <span className="flex flex-wrap gap-x-4">
            <button
                type="button"
                className="act-quiet"
                aria-label={copy.changeOf(days)}
                onClick={() => {
                    onChange(request);
                }}
            >
                {copy.change}
            </button>
            {request.state === 'approved' ? (
                <Confirm
                    button={{ className: 'act-quiet', 'aria-label': copy.takeBackOf(days), children: copy.takeBack }}
                    title={copy.asksTakeBack}
                    yes={copy.takeBack}
                    no={copy.keep}
                    onYes={takeBack}
                >
                    {copy.takeBackEffect}
                </Confirm>
            ) : (
                <button type="button" className="act-quiet" aria-label={copy.takeBackOf(days)} onClick={takeBack}>
                    {copy.takeBack}
                </button>
            )}
        </span>
    );
}
