import { Tabs as Primitive } from 'radix-ui';
import type { ReactNode } from 'react';

interface TabsProps {
    label: string;
    /** Each view by its name, the first one shown first. */
    views: readonly { key: string; name: string; view: ReactNode }[];
}

/** The same thing seen in several ways, one at a time. */
export function Tabs({ label, views }: TabsProps) {
    return (
        <Primitive.Root defaultValue={views[0]?.key ?? ''}>
            <Primitive.List aria-label={label} className="no-print flex gap-4">
                {views.map(({ key, name }) => (
                    <Primitive.Trigger
                        key={key}
                        value={key}
                        className="min-h-6 cursor-pointer underline-offset-4 hover:underline data-[state=active]:underline data-[state=active]:decoration-moss data-[state=active]:decoration-2"
                    >
                        {name}
                    </Primitive.Trigger>
                ))}
            </Primitive.List>
            {views.map(({ key, view }) => (
                <Primitive.Content key={key} value={key}>
                    {view}
                </Primitive.Content>
            ))}
        </Primitive.Root>
    );
}
