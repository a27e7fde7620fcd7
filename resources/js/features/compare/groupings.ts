import { text } from '@/lib/text';
import type { ComparedFieldProps, Grouping } from '@/types/generated/props';
import type { Question } from './compareAddress';

const OWN = 'field:';

type OwnFieldQuestion = Pick<Question, 'field' | 'fieldValues' | 'ownFields'>;

/** What can be compared by: also each own field. */
export function groupingOptions({ ownFields }: Pick<Question, 'ownFields'>): (readonly [string, string])[] {
    return [
        ...Object.entries(text.comparePage.groupings).filter(([grouping]) => grouping !== 'field'),
        ...ownFields.map(({ code, name }) => [`${OWN}${code}`, name] as const),
    ];
}

/** Which of them a grouping is. */
export function groupingValue(grouping: Grouping, { field }: Pick<Question, 'field'>): string {
    return grouping === 'field' ? `${OWN}${field?.code ?? ''}` : grouping;
}

/** The grouping that was chosen; with another own field, what was narrowed by the one before is forgotten. */
export function chosenGrouping(option: string, asked: OwnFieldQuestion): OwnFieldQuestion & { grouping: Grouping } {
    const { field, fieldValues, ownFields } = asked;
    if (!option.startsWith(OWN)) {
        return { field, fieldValues, ownFields, grouping: option as Grouping };
    }
    const chosen = ownFields.find(({ code }) => `${OWN}${code}` === option) ?? null;

    return { field: chosen, fieldValues: chosen?.code === field?.code ? fieldValues : [], ownFields, grouping: 'field' };
}

/** What a grouping is called: of an own field, its name. */
export function groupingName(grouping: Grouping, field: ComparedFieldProps | null): string {
    return grouping === 'field' ? (field?.name ?? text.comparePage.groupings.field) : text.comparePage.groupings[grouping];
}
