import type { CompositionProps, PartCodeProps } from '@/types/generated/props';

const ANY = '*';

/** The combinations that are allowed, a code for each part; null where all are. */
function allowed({ combinations }: CompositionProps): string[][] | null {
    return combinations.length === 0 ? null : combinations.map((combination) => combination.split(' '));
}

/** The codes of a part that are still offered and go together with those chosen for the parts before it. */
export function offeredCodes(composition: CompositionProps, chosen: readonly string[], part: number): PartCodeProps[] {
    const combinations = allowed(composition);
    const fits = (codes: string[], upTo: readonly string[]) =>
        upTo.every((code, index) => codes[index] === ANY || codes[index] === code);
    const before = chosen.slice(0, part);

    return (composition.parts[part]?.codes ?? []).filter(
        ({ code, isRetired }) =>
            !isRetired && (combinations === null || combinations.some((codes) => fits(codes, [...before, code]))),
    );
}

/** The whole charge code; null while a part is open, or does not go together with those before it. */
export function wholeCode(composition: CompositionProps, chosen: readonly string[]): string | null {
    const isWhole = composition.parts.every((_, part) =>
        offeredCodes(composition, chosen, part).some(({ code }) => code === chosen[part]),
    );

    return isWhole ? chosen.slice(0, composition.parts.length).join(composition.separator) : null;
}

/** What of a charge code can be chosen again: a code for each part, from the first that is no longer offered on none. */
export function chosenOf(composition: CompositionProps, chargeCode: string): string[] {
    const codes = chargeCode.split(composition.separator);
    const chosen: string[] = [];
    for (const [part] of composition.parts.entries()) {
        const code = codes[part] ?? '';
        if (!offeredCodes(composition, chosen, part).some((offered) => offered.code === code)) {
            break;
        }
        chosen.push(code);
    }

    return chosen;
}
