/** The locale of the reader's numbers, hours and dates: their own setting, else the browser's. */
export const locale: string =
    typeof document === 'undefined' ? 'en-GB' : (document.documentElement.dataset.locale ?? '') || navigator.language;
