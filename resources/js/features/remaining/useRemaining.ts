import { put, read, remove, sentenceIn, type Answer } from '@/lib/http';
import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import type { RemainingProps } from '@/types/generated/props';
import { useEffect, useState } from 'react';
import { faultIn, type Fault } from './faults';

export interface EstimateInput {
    hours: string | null;
    done: 'no' | 'me' | 'all';
    reason: string;
}

/** The remaining hours of a task, and a new estimate. */
export function useRemaining(
    address: string,
    typed: string | null,
    onUpdated: (remaining: RemainingProps, sentence: string) => void,
) {
    const [remaining, setRemaining] = useState<RemainingProps | null>(null);
    const [isLost, setLost] = useState(false);
    const [isGoing, setGoing] = useState(false);
    const [result, setResult] = useState<{ sentence: string; fault: Fault | null; input: EstimateInput | null } | null>(null);

    useEffect(() => {
        let isOver = false;
        void read<RemainingProps>(address).then((found) => {
            if (!isOver) {
                setRemaining(found);
                setLost(found === null);
            }
        });

        return () => {
            isOver = true;
        };
    }, [address]);

    const take = (answer: Answer, input: EstimateInput | null) => {
        setGoing(false);
        if (!answer.reached) {
            setResult({ sentence: text.remaining.lost, fault: 'lost', input });
        } else if (answer.status === 200) {
            const { remaining: now } = answer.body as { remaining: RemainingProps };
            setRemaining(now);
            const sentence = sentenceIn(answer.body) ?? '';
            setResult({ sentence, fault: null, input: null });
            onUpdated(now, sentence);
        } else {
            setResult({ sentence: sentenceIn(answer.body) ?? text.remaining.lost, fault: faultIn(answer.body), input });
        }
    };

    const save = (input: EstimateInput, confirmed = false) => {
        setGoing(true);
        void put(address, { ...input, confirmed }).then((answer) => {
            take(answer, input);
        });
    };
    // What was typed over the figure is result as it stands; only if it needs more is it asked for.
    const saveTyped = useStable(() => {
        if (typed !== null) {
            save({ hours: typed, done: 'no', reason: '' });
        }
    });
    useEffect(saveTyped, [saveTyped]);

    return {
        remaining,
        isLost,
        isGoing,
        result,
        save,
        takeBack: () => {
            setGoing(true);
            void remove(address).then((answer) => {
                take(answer, null);
            });
        },
    };
}
