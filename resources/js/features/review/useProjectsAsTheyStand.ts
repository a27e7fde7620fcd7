import { read } from '@/lib/http';
import { route } from '@/lib/route';
import type { DecisionEffectProps, ReviewProps } from '@/types/generated/props';
import { useEffect, useState } from 'react';

/** Projects as they stand, by their codes; asked anew whenever the desk has changed. Null until they are known. */
export function useProjectsAsTheyStand(codes: readonly string[], review: ReviewProps): DecisionEffectProps[] | null {
    const [found, find] = useState<DecisionEffectProps[] | null>(null);
    const asked = codes.join(',');

    useEffect(() => {
        let isLate = false;
        if (asked !== '') {
            void read<DecisionEffectProps[]>(route('review.effect'), { projects: asked }).then((projects) => {
                if (projects !== null && !isLate) {
                    find(projects);
                }
            });
        }

        return () => {
            isLate = true;
        };
    }, [asked, review]);

    return found;
}
