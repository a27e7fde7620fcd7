/** What the rows of a preview are of, in two columns, and the figures beside them. */
export function PreviewHead({ of, figures }: { of: readonly [string, string]; figures: readonly string[] }) {
    const [first, second] = of;

    return (
        <thead>
            <tr className="text-faded">
                <th scope="col" className="border-b border-edge">
                    {first}
                </th>
                <th scope="col" className="border-b border-edge ps-4">
                    {second}
                </th>
                {figures.map((head) => (
                    <th key={head} scope="col" className="border-b border-edge ps-4 text-end">
                        {head}
                    </th>
                ))}
            </tr>
        </thead>
    );
}
