import { officeText } from '@/lib/officeText';
import type { FileCountProps } from '@/types/generated/props';

const copy = officeText.filesPage;

/** What came of a file, in words; what there is none of goes without saying. */
export function countWords({ rows, new: added, changed, same, gone, wrong }: FileCountProps): string {
    return copy.counts(
        [
            rows === 0 ? '' : copy.rows(rows),
            wrong === 0 ? '' : copy.wrong(wrong),
            added === 0 ? '' : copy.new(added),
            changed === 0 ? '' : copy.changed(changed),
            gone === 0 ? '' : copy.gone(gone),
            same === 0 ? '' : copy.same(same),
        ].filter((part) => part !== ''),
    );
}
