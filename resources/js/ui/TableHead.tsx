/** The headings of a table, each of which names a column. */
export function TableHead({ heads }: { heads: readonly string[] }) {
    return (
        <thead>
            <tr className="text-faded">
                {heads.map((head) => (
                    <th key={head} scope="col" className="border-b border-edge pe-4">
                        {head}
                    </th>
                ))}
            </tr>
        </thead>
    );
}
