import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { LeaveProps, LeaveRequestProps } from '@/types/generated/props';
import { FieldError } from '@/ui/FieldError';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { Balances } from './Balances';
import { CalendarFiles } from './CalendarFiles';
import { LeaveForm } from './LeaveForm';
import { LeaveTable } from './LeaveTable';
import { LeaveTabs } from './LeaveTabs';

const copy = officeText.leavePage;

function finding({ balances, requests, year }: LeaveProps): string {
    return balances.length === 0
        ? copy.noAllowance(year, requests.filter(({ state }) => state === null || state === 'approved').length)
        : balances.map(({ kind, left }) => copy.left(kind, left, year)).join(' ');
}

/** A person's leave in a year: what is left, what was asked for, and a form for more. */
export function LeavePage({ leave }: { leave: LeaveProps }) {
    const { person, isOwn, decidesForOthers, year } = leave;
    const [changed, change] = useState<LeaveRequestProps | null>(null);
    const address = (other: number) =>
        isOwn ? route('leave', {}, { year: other }) : route('leave.of', { person: person.code }, { year: other });

    return (
        <Shell>
            <LeaveTabs decides={decidesForOthers} />
            <PageHeading title={isOwn ? copy.title : copy.titleOf(person.name)} finding={finding(leave)} />
            <p className="no-print flex gap-4">
                <Link className="act-quiet" href={address(year - 1)}>
                    {copy.earlier}
                </Link>
                <Link className="act-quiet" href={address(year + 1)}>
                    {copy.later}
                </Link>
            </p>
            <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_23rem]">
                <div className="flex flex-col gap-6">
                    {leave.balances.length > 0 && <Balances balances={leave.balances} />}
                    <LeaveTable leave={leave} onChange={change} />
                </div>
                <div className="flex flex-col gap-6">
                    <FieldError />
                    <LeaveForm
                        key={changed?.id ?? `new ${String(leave.requests.length)}`}
                        leave={leave}
                        changed={changed}
                        onDone={() => {
                            change(null);
                        }}
                    />
                    <CalendarFiles leave={leave} />
                </div>
            </div>
        </Shell>
    );
}
