import { text } from '@/lib/text';
import type { ApiFieldProps } from '@/types/generated/props';
import { TableHead } from '@/ui/TableHead';
import { SideScroll } from '@/ui/SideScroll';

const copy = text.apiReference;

/** Fields or parameters, each with its type and meaning. */
export function FieldTable({ name, fields }: { name: string; fields: ApiFieldProps[] }) {
    return (
        <SideScroll label={name}>
            <table className="mt-1 w-full max-w-4xl">
                <TableHead heads={[copy.name, copy.type, copy.meaning]} />
                <tbody>
                    {fields.map((field) => (
                        <tr key={field.name} className="align-baseline">
                            <th scope="row" className="border-b border-rule py-0.5 pe-4 whitespace-nowrap">
                                {field.name}
                                {field.isRequired && <span className="text-faded"> ({copy.required})</span>}
                            </th>
                            <td className="border-b border-rule pe-4">{field.type}</td>
                            <td className="border-b border-rule">{field.meaning}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </SideScroll>
    );
}
