import { route } from '@/lib/route';
import { put, read } from '@/lib/http';
import { useStable } from '@/lib/useStable';
import type { FindingProps, SheetRemarksProps, WeekProps } from '@/types/generated/props';
import { useEffect, useState } from 'react';
import { explanationOf } from '@/features/submission';
import type { SheetState } from './sheetState';

const AFTER = 150;
const none: SheetRemarksProps = { findings: [], spans: null };

export interface Remarks extends SheetRemarksProps {
    /** Answers a finding with an explanation. */
    answer: (finding: FindingProps, explanation: string) => void;
    /** Says from when to when the day went; null with what is wrong where it was refused. */
    span: (asked: { date: string; starts: string | null; ends: string | null; breaks: string }) => Promise<string | null>;
}

/** What the house rules find, asked anew whenever something was saved. */
export function useRemarks(sheet: WeekProps, { totals }: SheetState): Remarks {
    const [remarks, setRemarks] = useState(none);

    useEffect(() => {
        let isLate = false;
        const timer = window.setTimeout(() => {
            void read<SheetRemarksProps>(route('week.findings', sheet.at)).then((found) => {
                if (found !== null && !isLate) {
                    setRemarks(found);
                }
            });
        }, AFTER);

        return () => {
            isLate = true;
            window.clearTimeout(timer);
        };
    }, [sheet, totals]);

    const send = async (address: string, body: object): Promise<string | null> => {
        const answer = await put(address, body);
        if (answer.reached && answer.status === 200) {
            setRemarks(answer.body as SheetRemarksProps);

            return null;
        }
        const said = answer.reached ? (answer.body as { message?: unknown } | null)?.message : null;

        return typeof said === 'string' ? said : '';
    };

    return {
        ...remarks,
        answer: useStable((finding: FindingProps, explanation: string) => {
            void send(route('week.findings.answer', sheet.at), explanationOf(finding, explanation));
        }),
        span: useStable((asked) => send(route('week.spans', sheet.at), asked)),
    };
}
