import { put, read, remove, sentenceIn, type Answer } from '@/lib/http';
import { text } from '@/lib/text';
import { useStable } from '@/lib/useStable';
import type { RemainingProps } from '@/types/generated/props';
import { useEffect, useState } from 'react';
import { faultIn, type Fault } from './faults';

export interface Word {
    hours: string | null;
    done: 'no' | 'me' | 'all';
    reason: string;
}

/** What is left of a task, and saying otherwise. */
export function useRemaining(
    address: string,
    typed: string | null,
    onStated: (remaining: RemainingProps, sentence: string) => void,
) {
    const [remaining, setRemaining] = useState<RemainingProps | null>(null);
    const [isLost, setLost] = useState(false);
    const [isGoing, setGoing] = useState(false);
    const [said, setSaid] = useState<{ sentence: string; fault: Fault | null; word: Word | null } | null>(null);

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

    const take = (answer: Answer, word: Word | null) => {
        setGoing(false);
        if (!answer.reached) {
            setSaid({ sentence: text.remaining.lost, fault: 'lost', word });
        } else if (answer.status === 200) {
            const { remaining: now } = answer.body as { remaining: RemainingProps };
            setRemaining(now);
            const sentence = sentenceIn(answer.body) ?? '';
            setSaid({ sentence, fault: null, word: null });
            onStated(now, sentence);
        } else {
            setSaid({ sentence: sentenceIn(answer.body) ?? text.remaining.lost, fault: faultIn(answer.body), word });
        }
    };

    const say = (word: Word, confirmed = false) => {
        setGoing(true);
        void put(address, { ...word, confirmed }).then((answer) => {
            take(answer, word);
        });
    };
    // What was typed over the figure is said as it stands; only if it needs more is it asked for.
    const sayTyped = useStable(() => {
        if (typed !== null) {
            say({ hours: typed, done: 'no', reason: '' });
        }
    });
    useEffect(sayTyped, [sayTyped]);

    return {
        remaining,
        isLost,
        isGoing,
        said,
        say,
        takeBack: () => {
            setGoing(true);
            void remove(address).then((answer) => {
                take(answer, null);
            });
        },
    };
}
