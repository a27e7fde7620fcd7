import type { KindCostsProps, PayPremiumProps, PayRuleProps } from '@/types/generated/props';

/** What the form of a rule sends; nothing as an empty text. */
export type PayRuleData = Omit<PayRuleProps, 'id' | 'startsOn' | 'team' | 'person' | 'costs'> &
    Record<'startsOn' | 'team' | 'person', string> & { costs: Record<CostedKind, string> };

export type CostedKind = keyof KindCostsProps;

export const COSTED_KINDS: readonly CostedKind[] = ['overtime', 'double', 'night', 'sunday', 'holiday'];

/** Percent that an hour costs where nothing else is said. */
const REGULAR_COST = 100;

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
        seventhAcrossWeeks: rule?.seventhAcrossWeeks ?? false,
        costs: Object.fromEntries(
            COSTED_KINDS.map((kind) => [kind, String(rule?.costs[kind] ?? REGULAR_COST)]),
        ) as PayRuleData['costs'],
    };
}

/** Which kinds of pay a rule makes that may cost something else. */
export function kindsMade(data: PayRuleData | PayRuleProps): CostedKind[] {
    const makes: Record<CostedKind, boolean> = {
        overtime: data.weeklyOver !== '' || data.dailyOver !== '' || data.seventhDay,
        double: data.dailyDoubleOver !== '' || (data.seventhDay && data.seventhDoubleOver !== ''),
        night: data.nightStartsAt !== '',
        sunday: data.sundays,
        holiday: data.holidays,
    };

    return COSTED_KINDS.filter((kind) => makes[kind]);
}

/** What the form of a premium sends. */
export type PayPremiumData = Omit<PayPremiumProps, 'id' | 'teams' | 'people' | 'costPercent'> & {
    teams: string[];
    people: string[];
    costPercent: string;
};

export function payPremiumData(premium: PayPremiumProps | undefined): PayPremiumData {
    return {
        code: premium?.code ?? '',
        name: premium?.name ?? '',
        isWork: premium?.isWork ?? false,
        isActive: premium?.isActive ?? true,
        teams: premium?.teams.map(({ code }) => code) ?? [],
        people: premium?.people.map(({ code }) => code) ?? [],
        costPercent: String(premium?.costPercent ?? REGULAR_COST),
    };
}
