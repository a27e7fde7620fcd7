export type DayPart = 'whole' | 'morning' | 'afternoon';

/** Which part of a single day is asked for; from midday wins where both are set. */
export function partOfDay(fromMidday: boolean, untilMidday: boolean): DayPart {
    return fromMidday ? 'afternoon' : untilMidday ? 'morning' : 'whole';
}

/** The same as a request has it. */
export function halves(part: DayPart): { fromMidday: boolean; untilMidday: boolean } {
    return { fromMidday: part === 'afternoon', untilMidday: part === 'morning' };
}
