import { read } from '@/lib/http';
import { route } from '@/lib/route';
import type { AskedProps } from '@/types/generated/props';
import { useEffect, useState } from 'react';

const WAIT = 200;

/** What the server makes of a question in words. */
export async function readAsked(text: string): Promise<AskedProps | null> {
    return read<AskedProps>(route('compare.asked'), { text });
}

/** The same while it is typed; null until there is an answer to what stands there. */
export function useAsked(text: string): AskedProps | null {
    const [answer, setAnswer] = useState<{ text: string; asked: AskedProps | null }>({ text: '', asked: null });
    useEffect(() => {
        if (text === '') {
            return;
        }
        let isLate = false;
        const timer = window.setTimeout(() => {
            void readAsked(text).then((asked) => {
                if (!isLate) {
                    setAnswer({ text, asked });
                }
            });
        }, WAIT);

        return () => {
            isLate = true;
            window.clearTimeout(timer);
        };
    }, [text]);

    return answer.text === text ? answer.asked : null;
}
