import { route } from '@/lib/route';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, ReviewProps } from '@/types/generated/props';
import { Margin, AttentionItem } from '@/ui/Margin';
import { router } from '@inertiajs/react';
import { DecisionEffectRemark } from './DecisionEffectRemark';
import type { ReviewDesk } from './useDesk';

interface DeskMarginProps {
    review: ReviewProps;
    desk: ReviewDesk;
    format: HoursFormat;
}

/** Beside the sheets: what deciding would do, what was decided today, what approved itself, and the keys. */
export function DeskMargin({ review, desk, format }: DeskMarginProps) {
    const sheet = review.sheets[desk.at];
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return (
        <Margin label={text.reviewPage.margin}>
            {sheet !== undefined && (
                <DecisionEffectRemark review={review} sheet={sheet} taken={desk.takenOf(sheet)} format={format} />
            )}
            {review.decisions.length > 0 && (
                <AttentionItem title={text.reviewPage.decisions}>
                    <ul className="flex flex-col gap-1">
                        {review.decisions.map((decision) => (
                            <li key={decision.id}>
                                {text.reviewPage.decision[decision.decision](decision.entries, hours(decision.minutes))}
                                {decision.people.length > 0 && (
                                    <span className="text-faded"> {text.reviewPage.ofPeople(decision.people)}</span>
                                )}
                                {decision.comment !== '' && <q className="ms-1 [overflow-wrap:anywhere]">{decision.comment}</q>}{' '}
                                {decision.canBeUndone ? (
                                    <button
                                        type="button"
                                        className="act-quiet"
                                        disabled={desk.isGoing}
                                        onClick={() => {
                                            desk.undo(decision.id);
                                        }}
                                    >
                                        {text.reviewPage.undo}
                                    </button>
                                ) : (
                                    <span className="pencilled">{text.reviewPage.actedOn}</span>
                                )}
                            </li>
                        ))}
                    </ul>
                </AttentionItem>
            )}
            {review.selfApproved.length > 0 && (
                <AttentionItem title={text.reviewPage.selfApproved}>
                    <ul className="flex flex-col gap-1">
                        {review.selfApproved.map((one) => (
                            <li key={`${one.personName} ${one.week}`}>
                                {text.reviewPage.selfApprovedOf(one.personName, one.number, hours(one.minutes))}{' '}
                                <button
                                    type="button"
                                    className="act-quiet"
                                    onClick={() => {
                                        router.post(route('review.reopen'), { entries: one.entries }, { preserveScroll: true });
                                    }}
                                >
                                    {text.reviewPage.reopen}
                                </button>
                            </li>
                        ))}
                    </ul>
                </AttentionItem>
            )}
            <DeskKeys desk={desk} />
        </Margin>
    );
}

function DeskKeys({ desk }: { desk: ReviewDesk }) {
    return (
        <AttentionItem title={text.week.keys.title}>
            {desk.showsKeys ? (
                <dl className="grid grid-cols-[auto_1fr] gap-x-3">
                    {text.reviewPage.keys.map(([key, does]) => (
                        <div key={key} className="col-span-2 grid grid-cols-subgrid">
                            <dt>
                                <kbd>{key}</kbd>
                            </dt>
                            <dd>{does}</dd>
                        </div>
                    ))}
                </dl>
            ) : (
                <button
                    type="button"
                    className="act-quiet text-faded"
                    onClick={() => {
                        desk.run({ kind: 'keys' });
                    }}
                >
                    {text.week.keysHint}
                </button>
            )}
        </AttentionItem>
    );
}
