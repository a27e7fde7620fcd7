import { printList } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { WaitingLineProps } from '@/types/generated/props';

/** What a line that waits is, besides its task: its project and role, whether it is billed, and who decided or decides on it. */
export function aboutLine(line: WaitingLineProps): string {
    return [
        line.projectName,
        line.roleName,
        line.chargeCode,
        line.billable ? null : text.reviewPage.notBillable,
        line.decided > 0 ? text.reviewPage.decided(line.decided) : null,
        line.then.length > 0 ? text.reviewPage.then(printList(line.then)) : null,
    ]
        .filter((part) => part !== null)
        .join(' · ');
}
