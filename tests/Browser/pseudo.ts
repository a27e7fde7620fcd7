/**
 * Turns a language into a pseudo-language: letters that English does not have, and each word half as long again. What a
 * sentence is given (names, figures) stays as it is. It runs in the page, so it stands alone.
 */
export function pseudo(language: unknown): unknown {
    const plain = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
    const odd = Array.from('áƀćđéƒǵħíĵķłɱñóƥɋřśŧúνŵχýźÁƁĆĐÉƑǴĦÍĴĶŁḾÑÓƤɊŘŚŦÚṼŴΧÝŹ');
    const letter = (one: string) => odd[plain.indexOf(one)] ?? one;
    const longer = (word: string) =>
        Array.from(word + word.slice(0, Math.ceil(word.length / 2)))
            .map(letter)
            .join('');
    // A name or a figure; what is small letters alone may be a value that the language has a word for.
    const given = (value: unknown): string[] =>
        typeof value === 'string' ? (/[A-Z0-9]/.test(value) ? [value] : []) : Array.isArray(value) ? value.flatMap(given) : [];

    const spoken = (text: string, keep: string[]): string => {
        const longest = keep.filter((one) => /[A-Za-z]/.test(one)).sort((one, other) => other.length - one.length);
        const found = longest.find((one) => text.includes(one));
        if (found !== undefined) {
            return text
                .split(found)
                .map((part) =>
                    spoken(
                        part,
                        longest.filter((one) => one !== found),
                    ),
                )
                .join(found);
        }

        return text.replace(/[A-Za-z]+/g, longer);
    };

    const turned = (value: unknown, keep: string[]): unknown => {
        if (typeof value === 'string') {
            return spoken(value, keep);
        }
        if (typeof value === 'function') {
            return (...parts: unknown[]) => turned((value as (...all: unknown[]) => unknown)(...parts), parts.flatMap(given));
        }
        if (Array.isArray(value)) {
            return value.map((one) => turned(one, keep));
        }

        return typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype
            ? Object.fromEntries(Object.entries(value).map(([key, one]) => [key, turned(one, keep)]))
            : value;
    };

    return turned(language, []);
}
