import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { DemoPersonProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';

/** People of the demonstration, chosen by what they do. */
export function DemoPeople({ people }: { people: DemoPersonProps[] }) {
    return (
        <section aria-labelledby="demo">
            <h2 id="demo">{text.signIn.demo}</h2>
            <ul className="mt-2 border-t border-rule">
                {people.map(({ code, name, does }) => (
                    <li key={code} className="border-b border-rule">
                        <button
                            type="button"
                            onClick={() => {
                                router.post(route('sign-in.demo'), { person: code });
                            }}
                            className="flex w-full cursor-pointer flex-wrap gap-x-3 py-2 text-start hover:bg-sheet"
                        >
                            <span className="grow">{does}</span> <span className="pencilled">{name}</span>
                        </button>
                    </li>
                ))}
            </ul>
            <p className="pencilled mt-3">{text.signIn.demoHint}</p>
        </section>
    );
}
