import { text } from '@/lib/text';
import type { ReviewProps } from '@/types/generated/props';

const copy = text.reviewPage;

type Waiting = Pick<ReviewProps, 'sum' | 'correctionCount' | 'expenseCount' | 'expensesNeedingAttention' | 'search' | 'show'>;

/** Whether nothing waits at all, whatever one looks for. */
export function isDeskEmpty({ sum, correctionCount, expenseCount, search, show }: Waiting): boolean {
    return sum.entries + correctionCount + expenseCount === 0 && search === '' && show === 'all';
}

/** What waits of all that one looks for, in a sentence. */
export function deskFinding(waiting: Waiting, hours: string): string {
    const { sum, correctionCount: corrections, expenseCount: expenses } = waiting;
    const { entries } = sum;
    if (entries + corrections + expenses === 0) {
        return isDeskEmpty(waiting) ? copy.nothing : copy.noneFits;
    }
    if (entries + expenses === 0) {
        return copy.correctionsOnly(corrections);
    }

    return copy.finding(
        { entries, corrections, expenses },
        entries === 0 ? '' : hours,
        sum.needingAttention + waiting.expensesNeedingAttention,
    );
}
