import { printNumber } from './numbers';

type Forms = Partial<Record<Intl.LDMLPluralRule, string>> & { other: string };

/** Picks the form that a count takes in a language; `#` in it is the count. */
export function pluralsOf(language: string): (count: number, forms: Forms) => string {
    const rules = new Intl.PluralRules(language);

    return (count, forms) => (forms[rules.select(count)] ?? forms.other).replaceAll('#', printNumber(count));
}
