import { route } from '@/lib/route';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { DecisionProps, HoursFormat, ReviewProps } from '@/types/generated/props';
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
            <DecisionList review={review} desk={desk} hours={hours} />
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

/** What one has decided today, and a way back as long as nobody has acted on it. */
function DecisionList({
    review,
    desk,
    hours,
}: Pick<DeskMarginProps, 'review' | 'desk'> & { hours: (minutes: number) => string }) {
    const { decisions, expenseDecisions } = review;
    if (decisions.length + expenseDecisions.length === 0) {
        return null;
    }
    const copy = text.reviewPage;

    return (
        <AttentionItem title={copy.decisions}>
            <ul className="flex flex-col gap-1">
                {decisions.map((made) => (
                    <Decided
                        key={made.id}
                        says={copy.decision[made.decision](made.entries, hours(made.minutes))}
                        made={made}
                        isGoing={desk.isGoing}
                        onUndo={() => {
                            desk.undo(made.id);
                        }}
                    />
                ))}
                {expenseDecisions.map((made) => (
                    <Decided
                        key={`expenses ${String(made.id)}`}
                        says={copy.expenseDecision[made.decision === 'return' ? 'return' : 'approve'](made.expenses)}
                        made={made}
                        isGoing={desk.isGoing}
                        onUndo={() => {
                            desk.undoExpenses(made.id);
                        }}
                    />
                ))}
            </ul>
        </AttentionItem>
    );
}

interface DecidedProps {
    says: string;
    made: Pick<DecisionProps, 'people' | 'comment' | 'canBeUndone'>;
    isGoing: boolean;
    onUndo: () => void;
}

function Decided({ says, made: { people, comment, canBeUndone }, isGoing, onUndo }: DecidedProps) {
    return (
        <li>
            {says}
            {people.length > 0 && <span className="text-faded"> {text.reviewPage.ofPeople(people)}</span>}
            {comment !== '' && <q className="ms-1 [overflow-wrap:anywhere]">{comment}</q>}{' '}
            {canBeUndone ? (
                <button type="button" className="act-quiet" disabled={isGoing} onClick={onUndo}>
                    {text.reviewPage.undo}
                </button>
            ) : (
                <span className="pencilled">{text.reviewPage.actedOn}</span>
            )}
        </li>
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
