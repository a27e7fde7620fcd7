import { instant } from '@/lib/days';
import { text } from '@/lib/text';
import type { CellProps } from '@/types/generated/props';

/** Who recorded it and when; nothing where the owner's file brought it. */
export function RecordedBy({ cell: { recordedBy, recordedAt, minutes } }: { cell: CellProps }) {
    if (minutes === null || (recordedBy === null && recordedAt === null)) {
        return null;
    }
    const at = recordedAt === null ? null : instant(recordedAt);

    return (
        <p className={recordedBy === null ? 'mt-1 text-faded' : 'mt-1 text-ochre'}>
            {recordedBy === null ? text.week.recordedAt(at ?? '') : text.week.recordedBy(recordedBy, at)}
        </p>
    );
}
