import { text } from '@/lib/text';
import { Dialog } from '@/ui/Dialog';
import { SearchInput } from '@/ui/SearchInput';
import { useState } from 'react';
import { keysWith } from './keysWith';

/** Every key, by what it is for, with a search. */
export function KeyList({ onClose }: { onClose: () => void }) {
    const [search, setSearch] = useState('');
    const groups = keysWith(text.week.keys.groups, search);

    return (
        <Dialog isOpen title={text.week.keys.title} onClose={onClose}>
            <SearchInput label={text.week.keys.search} value={search} onType={setSearch} />
            {groups.length === 0 && <p className="mt-3 text-faded">{text.week.keys.none}</p>}
            <div className="mt-1 gap-8 sm:columns-2">
                {groups.map(([group, keys]) => (
                    <section key={group} className="break-inside-avoid pt-2">
                        <h3 className="text-faded">{group}</h3>
                        <dl className="grid grid-cols-[7rem_1fr] gap-x-3">
                            {keys.map(([key, does]) => (
                                <div key={key} className="col-span-2 grid grid-cols-subgrid">
                                    <dt className="whitespace-nowrap">{key}</dt>
                                    <dd>{does}</dd>
                                </div>
                            ))}
                        </dl>
                    </section>
                ))}
            </div>
        </Dialog>
    );
}
