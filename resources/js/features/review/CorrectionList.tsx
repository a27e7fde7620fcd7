import { route } from '@/lib/route';
import { shortDay } from '@/lib/days';
import { hoursWithUnit, signedHoursWithUnit } from '@/lib/hours';
import { printCents } from '@/lib/money';
import { text } from '@/lib/text';
import { onceAnswered } from '@/lib/unanswered';
import type { HoursFormat, ReviewProps, WaitingCorrectionProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ReturnForm } from './ReturnForm';

interface CorrectionListProps {
    review: ReviewProps;
    format: HoursFormat;
}

/** Corrections that wait: what stands, what is asked for, why, and what accepting would do. */
export function CorrectionList({ review, format }: CorrectionListProps) {
    const [declining, setDeclining] = useState<number | null>(null);
    const [going, setGoing] = useState(false);
    const decide = (id: number, accept: boolean, comment: string) => {
        setGoing(true);
        router.post(
            route('review.corrections'),
            { corrections: [id], accept, comment },
            {
                preserveScroll: true,
                preserveState: true,
                onFinish: () => {
                    setGoing(false);
                },
                ...onceAnswered(() => {
                    setDeclining(null);
                }),
            },
        );
    };
    if (review.corrections.length === 0) {
        return null;
    }

    return (
        <section aria-labelledby="corrections" className="mt-3">
            <h2 id="corrections">{text.reviewPage.corrections(review.correctionCount)}</h2>
            <ul>
                {review.corrections.map((correction) => (
                    <li key={correction.id} className="border-b border-rule py-1.5">
                        <Correction correction={correction} format={format} />
                        {declining === correction.id ? (
                            <ReturnForm
                                hours=""
                                label={text.reviewPage.whyDeclined}
                                act={text.reviewPage.decline}
                                phrases={review.phrases}
                                going={going}
                                onCancel={() => {
                                    setDeclining(null);
                                }}
                                onReturn={(comment) => {
                                    decide(correction.id, false, comment);
                                }}
                            />
                        ) : (
                            <p className="mt-1 flex flex-wrap gap-2">
                                <button
                                    type="button"
                                    className="act"
                                    disabled={going}
                                    onClick={() => {
                                        decide(correction.id, true, '');
                                    }}
                                >
                                    {text.reviewPage.accept}
                                </button>
                                <button
                                    type="button"
                                    className="act"
                                    disabled={going}
                                    onClick={() => {
                                        setDeclining(correction.id);
                                    }}
                                >
                                    {text.reviewPage.startDecline}
                                </button>
                            </p>
                        )}
                    </li>
                ))}
            </ul>
            {review.correctionCount > review.corrections.length && (
                <p className="text-faded">{text.reviewPage.oldest(review.corrections.length)}</p>
            )}
        </section>
    );
}

function Correction({ correction, format }: { correction: WaitingCorrectionProps; format: HoursFormat }) {
    const { before, after, cost } = correction;

    return (
        <p className="[overflow-wrap:anywhere]">
            <span className="font-semibold">{correction.personName}</span>, {correction.taskName}
            {correction.roleName === null ? '' : ` (${correction.roleName})`}, {correction.projectName},{' '}
            {shortDay(correction.date)}: <s className="text-faded">{hoursWithUnit(before, format)}</s>{' '}
            <span className="pencilled">{hoursWithUnit(after, format)}</span>. <q>{correction.reason}</q>{' '}
            <span className="text-faded">
                {text.reviewPage.wouldChange(
                    signedHoursWithUnit(after - before, format),
                    cost === null ? null : `${cost > 0 ? '+' : ''}${printCents(cost, '')}`,
                    correction.isSettled,
                )}
                {correction.insteadOf === null ? '' : ` ${text.reviewPage.standing(correction.insteadOf)}`}
            </span>
        </p>
    );
}
