/** Something that a field can be filled with. */
export interface Option {
    code: string;
    name: string;
    /** It is on no list as far as is known. */
    isNew?: boolean;
}

/** To which place of a list a key moves; null where it does not move. */
export function placeAfter(key: string, at: number, count: number): number | null {
    if (count === 0) {
        return null;
    }
    switch (key) {
        case 'ArrowDown':
            return Math.min(count - 1, at + 1);
        case 'ArrowUp':
            return Math.max(0, at - 1);
        case 'PageDown':
            return Math.min(count - 1, at + 10);
        case 'PageUp':
            return Math.max(0, at - 10);
        default:
            return null;
    }
}

const plain = (text: string) => text.trim().toLocaleLowerCase();

/** What was typed in full, without being picked; null where several or none are called so. */
export function optionTyped(typed: string, options: readonly Option[]): Option | null {
    const found = options.filter(({ code, name }) => plain(code) === plain(typed) || plain(name) === plain(typed));

    return typed.trim() !== '' && found.length === 1 ? (found[0] ?? null) : null;
}

/** What a field that is left holds. */
export type Left =
    | { kind: 'nothing' | 'cleared' }
    | { kind: 'chosen'; option: Option }
    | { kind: 'new'; option: Option; typed: string }
    | { kind: 'unknown'; typed: string };

/** What a field holds when it is left with something typed in it; null where nothing was typed. */
export function leftWith(typed: string | null, options: readonly Option[], takesNew: boolean): Left {
    if (typed === null) {
        return { kind: 'nothing' };
    }
    const said = typed.trim();
    const option = optionTyped(said, options);
    if (option !== null) {
        return { kind: 'chosen', option };
    }

    return said === ''
        ? { kind: 'cleared' }
        : takesNew
          ? { kind: 'new', option: { code: said, name: said, isNew: true }, typed }
          : { kind: 'unknown', typed };
}

/** Those that can still be chosen. */
export function withoutChosen(options: readonly Option[], chosen: readonly Option[]): Option[] {
    return options.filter(({ code }) => !chosen.some((one) => one.code === code));
}

/** Names that more than one option has, so that their codes have to tell them apart. */
export function ambiguousNames(options: readonly Option[]): ReadonlySet<string> {
    const names = options.map(({ name }) => name);

    return new Set(names.filter((name, index) => names.indexOf(name) !== index));
}
