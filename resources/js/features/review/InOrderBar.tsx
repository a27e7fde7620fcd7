import { route } from '@/lib/route';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, ReviewProps, SumProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useState, type RefObject } from 'react';

interface InOrderBarProps {
    review: ReviewProps;
    format: HoursFormat;
    button: RefObject<HTMLButtonElement | null>;
}

/** Approves all that is in order in one act that says how many and how much: of everything shown, or of the open group. */
export function InOrderBar({ review, format, button }: InOrderBarProps) {
    const [going, setGoing] = useState(false);
    const { by, show, search, sum, open, opened } = review;
    const approve = (seen: SumProps, group: string | null) => {
        setGoing(true);
        router.post(
            route('review.in-order'),
            { by, show, search, open: group, seen: seen.inOrder },
            {
                preserveScroll: true,
                onFinish: () => {
                    setGoing(false);
                },
            },
        );
    };
    const hours = ({ minutes, attentionMinutes }: SumProps) => hoursWithUnit(minutes - attentionMinutes, format);
    const inGroup = opened === null ? 0 : opened.entries - opened.needingAttention;

    return (
        <div className="mt-2 flex flex-wrap gap-2">
            <button
                type="button"
                className="act act-main"
                disabled={going}
                ref={button}
                onClick={() => {
                    approve(sum, null);
                }}
            >
                {text.reviewPage.approveInOrder(sum.entries - sum.needingAttention, hours(sum))}
            </button>
            {opened !== null && inGroup > 0 && review.groupCount > 1 && (
                <button
                    type="button"
                    className="act"
                    disabled={going}
                    onClick={() => {
                        approve(opened, open);
                    }}
                >
                    {text.reviewPage.approveInOrderHere(inGroup, hours(opened))}
                </button>
            )}
        </div>
    );
}
