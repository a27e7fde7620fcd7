import { text } from '@/lib/text';
import type { ApiFieldProps } from '@/types/generated/props';

const copy = text.apiReference;

/** Fields or parameters, each with its type and meaning. */
export function FieldTable({ name, fields }: { name: string; fields: ApiFieldProps[] }) {
    return (
        <div className="overflow-x-auto" role="group" aria-label={name} tabIndex={0}>
            <table className="mt-1 w-full max-w-4xl">
                <thead>
                    <tr className="text-faded">
                        {[copy.name, copy.type, copy.meaning].map((head) => (
                            <th key={head} scope="col" className="border-b border-edge pe-4">
                                {head}
                            </th>
                        ))}
                    </tr>
                </thead>
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
        </div>
    );
}
