import { instant, wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { officeText } from '@/lib/officeText';
import type { HoursFormat, WorkRequestProps } from '@/types/generated/props';
import type { ReactNode } from 'react';

const copy = officeText.workRequestPage;

/** What was asked for, and what was said about it. */
export function RequestFacts({
    request,
    format,
    children,
}: {
    request: WorkRequestProps;
    format: HoursFormat;
    /** What else is known, such as files. */
    children?: ReactNode;
}) {
    const facts = [
        [copy.client, request.client?.name ?? ''],
        [copy.wantedBy, request.wantedBy === null ? '' : wholeDate(request.wantedBy)],
        [copy.about, request.about === null ? '' : hoursWithUnit(request.about, format)],
    ].filter(([, value]) => value !== '');

    return (
        <>
            <dl className="grid max-w-xl grid-cols-[9rem_minmax(0,1fr)] gap-y-1">
                {facts.map(([name, value]) => (
                    <div key={name} className="contents">
                        <dt className="text-faded">{name}</dt>
                        <dd>{value}</dd>
                    </div>
                ))}
                {children}
            </dl>
            {request.description !== '' && (
                <p className="mt-3 max-w-2xl [overflow-wrap:anywhere] whitespace-pre-line">{request.description}</p>
            )}
            {request.comment !== '' && <p className="mt-3 border-s-2 border-brick ps-3">“{request.comment}”</p>}
            <h2 className="mt-6">{copy.discussion}</h2>
            {request.comments.length === 0 && <p className="text-faded">{copy.noComments}</p>}
            <ul className="max-w-2xl">
                {request.comments.map(({ id, by, text: said, at }) => (
                    <li key={id} className="border-b border-rule py-2">
                        <span className="font-semibold">{by}</span> <span className="text-faded">{instant(at)}</span>
                        <p className="[overflow-wrap:anywhere] whitespace-pre-line">{said}</p>
                    </li>
                ))}
            </ul>
        </>
    );
}
