import { officeText } from '@/lib/officeText';
import type { PayRuleProps } from '@/types/generated/props';
import { kindsMade } from './payRuleData';

const copy = officeText.payRulesPage;

export function whomOf({ team, person }: PayRuleProps): string {
    return person?.name ?? team?.name ?? copy.everybody;
}

/** What a rule says, one thing after the other. */
export function sayingOf(rule: PayRuleProps): string {
    const hours = (typed: string, say: (hours: string) => string) => (typed === '' ? [] : [say(typed)]);
    const inRow = rule.seventhAcrossWeeks ? copy.seventhInRow : copy.seventh;
    const seventh = rule.seventhDoubleOver === '' ? inRow : copy.seventhDouble(inRow, rule.seventhDoubleOver);

    const said = [
        ...hours(rule.weeklyOver, copy.weekly),
        ...hours(rule.dailyOver, copy.daily),
        ...hours(rule.dailyDoubleOver, copy.double),
        ...(rule.seventhDay ? [seventh] : []),
        ...(rule.sundays ? [copy.sundays] : []),
        ...(rule.holidays ? [copy.holidays] : []),
        ...(rule.nightStartsAt === '' ? [] : [copy.night(rule.nightStartsAt, rule.nightEndsAt)]),
    ];

    return said.length === 0 ? copy.nothing : said.join(', ');
}

/** What its kinds cost, where that is not what regular time costs. */
export function costsOf(rule: PayRuleProps): string {
    return kindsMade(rule)
        .filter((kind) => rule.costs[kind] !== 100)
        .map((kind) => copy.cost(copy.costOf[kind], rule.costs[kind]))
        .join(', ');
}

/** Whether it makes anything overtime, so that it must be said of which entries. */
export function hasOvertime({ weeklyOver, dailyOver, dailyDoubleOver, seventhDay }: PayRuleProps): boolean {
    return seventhDay || [weeklyOver, dailyOver, dailyDoubleOver].some((typed) => typed !== '');
}
