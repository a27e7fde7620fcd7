import { text } from '@/lib/text';
import type { ProjectSummaryProps, WaitingProps } from '@/types/generated/props';

const copy = text.frontPage;

/** The day in a sentence or two. */
export function headline(waiting: WaitingProps | null, projects: readonly ProjectSummaryProps[] | null): string {
    const count =
        waiting === null ? 0 : waiting.entries + waiting.corrections + waiting.expenses + waiting.estimates + waiting.leave;

    return [
        waiting === null ? '' : count === 0 ? copy.nothingWaits : copy.waits(count),
        projects === null ? '' : projects.length === 0 ? copy.noTrouble : copy.trouble(projects.length),
    ]
        .filter((sentence) => sentence !== '')
        .join(' ');
}
