import type { PayRuleProps } from '@/types/generated/props';

/** What the form of a rule sends; nothing as an empty text. */
export type PayRuleData = Omit<PayRuleProps, 'id' | 'startsOn' | 'team' | 'person'> &
    Record<'startsOn' | 'team' | 'person', string>;

export interface PayRulePart {
    data: PayRuleData;
    set: (changed: Partial<PayRuleData>) => void;
}

/** What the form begins with: of a rule that there is, what it says. */
export function payRuleData(rule: PayRuleProps | undefined): PayRuleData {
    return {
        startsOn: rule?.startsOn ?? '',
        team: rule?.team?.code ?? '',
        person: rule?.person?.code ?? '',
        dailyOver: rule?.dailyOver ?? '',
        dailyDoubleOver: rule?.dailyDoubleOver ?? '',
        weeklyOver: rule?.weeklyOver ?? '',
        seventhDay: rule?.seventhDay ?? false,
        seventhDoubleOver: rule?.seventhDoubleOver ?? '',
        sundays: rule?.sundays ?? false,
        holidays: rule?.holidays ?? false,
        nightStartsAt: rule?.nightStartsAt ?? '',
        nightEndsAt: rule?.nightEndsAt ?? '',
        fallsOn: rule?.fallsOn ?? 'day',
    };
}
