/** The two days of a form that has fields `from` and `to`, in their order: either may have been the earlier one. */
export function daysOfForm(form: HTMLFormElement, usual: { from: string; to: string }): { from: string; to: string } {
    const fields = new FormData(form);
    const [from = usual.from, to = usual.to] = ['from', 'to']
        .flatMap((name) => fields.getAll(name).filter((day) => typeof day === 'string'))
        .sort();

    return { from, to };
}
