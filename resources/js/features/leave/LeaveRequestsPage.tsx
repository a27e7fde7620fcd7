import { officeText } from '@/lib/officeText';
import type { WaitingLeaveProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { LeaveTabs } from './LeaveTabs';
import { WaitingLeave } from './WaitingLeave';

const copy = officeText.leaveRequestsPage;

/** The requests for leave that wait for the reader. */
export function LeaveRequestsPage({ waiting, count }: { waiting: WaitingLeaveProps[]; count: number }) {
    return (
        <Shell>
            <LeaveTabs decides />
            <PageHeading title={copy.title} finding={copy.finding(count)} />
            <FieldError />
            <ul className="mt-3 max-w-4xl">
                {waiting.map((one) => (
                    <WaitingLeave key={one.request.id} waiting={one} />
                ))}
            </ul>
            {count > waiting.length && <p className="mt-3 text-faded">{copy.others(count - waiting.length)}</p>}
        </Shell>
    );
}
