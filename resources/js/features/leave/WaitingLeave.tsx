import { hoursWithUnit } from '@/lib/hours';
import { printList } from '@/lib/numbers';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { WaitingLeaveProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { spanWords } from './leaveWords';
import { Clashes } from './Preview';

const copy = officeText.leaveRequestsPage;

/** One request with what whoever decides wants to know, and the decision. */
export function WaitingLeave({ waiting }: { waiting: WaitingLeaveProps }) {
    const { person, request, standingInFor, clashes, alsoAway, balance } = waiting;
    const format = useHoursFormat();
    const [comment, setComment] = useState('');
    const [isMissing, miss] = useState(false);
    const decide = (approved: boolean) => {
        if (!approved && comment.trim() === '') {
            miss(true);

            return;
        }
        router.post(route('leave.decide', { leave: request.id ?? 0 }), { approved, comment }, { preserveScroll: true });
    };

    return (
        <li className="grid gap-x-8 gap-y-2 border-b border-edge py-3 md:grid-cols-[minmax(0,1fr)_18rem]">
            <div>
                <h2>
                    <Link href={route('leave.of', { person: person.code })} className="act-quiet">
                        {person.name}
                    </Link>
                    : {request.kindName}, {spanWords(request)}
                </h2>
                <p>
                    {officeText.leavePage.takes(request.halfDays, hoursWithUnit(request.minutes, format))}
                    {balance !== null && ` ${copy.left(balance.left, balance.requested, balance.year)}`}
                </p>
                {request.isChange && <p className="text-ochre">{copy.change}</p>}
                {request.note !== '' && <p className="[overflow-wrap:anywhere]">{copy.note(request.note)}</p>}
                <Clashes clashes={clashes} />
                <p className={alsoAway.length === 0 ? 'text-faded' : 'text-ochre'}>
                    {alsoAway.length === 0 ? copy.nobodyElse : copy.alsoAway(printList(alsoAway))}
                </p>
                {standingInFor !== null && <p className="text-faded">{copy.standingIn(standingInFor)}</p>}
            </div>
            <div className="flex flex-col gap-2">
                <Field
                    label={copy.comment}
                    value={comment}
                    maxLength={1000}
                    aria-invalid={isMissing}
                    onChange={(event) => {
                        setComment(event.target.value);
                        miss(false);
                    }}
                />
                {isMissing && (
                    <p role="alert" className="text-brick">
                        {copy.commentMissing}
                    </p>
                )}
                <span className="flex flex-wrap gap-3">
                    <button
                        type="button"
                        className="act act-main"
                        aria-label={copy.approveOf(person.name)}
                        onClick={() => {
                            decide(true);
                        }}
                    >
                        {copy.approve}
                    </button>
                    <button
                        type="button"
                        className="act"
                        aria-label={copy.declineOf(person.name)}
                        onClick={() => {
                            decide(false);
                        }}
                    >
                        {copy.decline}
                    </button>
                </span>
            </div>
        </li>
    );
}
