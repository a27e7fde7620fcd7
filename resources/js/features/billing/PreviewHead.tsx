/** What the rows of a preview are of, in two columns, and the figures beside them. */
export function PreviewHead({ of, figures }: { of: readonly [string, string]; figures: readonly string[] }) {
    const [first, second] = of;
    const cell = 'border-b border-edge';

    return (
        <thead>
            <tr className="text-faded">
                <th scope="col" className={cell}>
                    {first}
                </th>
                {[second, ...figures].map((head) => (
                    <th key={head} scope="col" className={`${cell} ps-4 ${head === second ? '' : 'text-end'}`}>
                        {head}
                    </th>
                ))}
            </tr>
        </thead>
    );
}
