import type { Going, Part } from '@/features/submission';
import { text } from '@/lib/text';
import { ofKey } from './cells';
import { ofLine } from './lineKey';
import type { Grid } from './useGrid';

function placeOf(line: string, date: string | null): Going {
    return { ...ofLine(line), date };
}

/** What can be submitted from where one is: the week, the selection or else the line. */
export function partsOf(grid: Grid): readonly [Part, ...Part[]] {
    const whole: Part = { name: text.week.confirm.whole, places: null };
    if (grid.hasBlock) {
        const keys = grid.keysIn(grid.block);
        const places = keys.map((key) => placeOf(ofKey(key).line, ofKey(key).date));

        return places.length === 0 ? [whole] : [whole, { name: text.week.confirm.selection(places.length), places }];
    }
    const line = grid.here?.row.line;

    return line === undefined
        ? [whole]
        : [whole, { name: text.week.confirm.line(line.taskName), places: [placeOf(line.key, null)] }];
}
