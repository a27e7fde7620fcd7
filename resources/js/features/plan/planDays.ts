import { readDate, type IsoDay } from '@/lib/dateText';
import type { PlanProps } from '@/types/generated/props';

/** The fields of a plan that hold a day, with the own fields of tasks that do. */
export function dayFieldsOf({ taskFields }: Pick<PlanProps, 'taskFields'>): ReadonlySet<string> {
    return new Set(['startsOn', 'endsOn', ...taskFields.filter(({ kind }) => kind === 'date').map(({ code }) => `own:${code}`)]);
}

/** Fields with their days as the server has them, however they were typed. What names no day stays, to be said wrong. */
export function withDays<Fields extends Partial<Record<string, string>>>(
    fields: Fields,
    dayFields: ReadonlySet<string>,
    today: IsoDay,
    locale: string,
): Fields {
    return Object.fromEntries(
        Object.entries(fields).map(([field, value]) => [
            field,
            value !== undefined && dayFields.has(field) ? (readDate(value, today, locale) ?? value) : value,
        ]),
    ) as Fields;
}
