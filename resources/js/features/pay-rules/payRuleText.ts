import { officeText } from '@/lib/officeText';
import type { PayRuleProps } from '@/types/generated/props';

const copy = officeText.payRulesPage;

export function whomOf({ team, person }: PayRuleProps): string {
    return person?.name ?? team?.name ?? copy.everybody;
}

/** What a rule says, one thing after the other. */
export function sayingOf(rule: PayRuleProps): string {
    const hours = (typed: string, say: (hours: string) => string) => (typed === '' ? [] : [say(typed)]);
    const seventh = rule.seventhDoubleOver === '' ? copy.seventh : copy.seventhDouble(rule.seventhDoubleOver);

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

/** Whether it makes anything overtime, so that it must be said of which entries. */
export function hasOvertime({ weeklyOver, dailyOver, dailyDoubleOver, seventhDay }: PayRuleProps): boolean {
    return seventhDay || [weeklyOver, dailyOver, dailyDoubleOver].some((typed) => typed !== '');
}
