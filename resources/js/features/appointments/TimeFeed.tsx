import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { router } from '@inertiajs/react';

const copy = text.appointments.feed;

/** The private address at which one's own recorded time can be had. */
export function TimeFeed({ hasFeed, address }: { hasFeed: boolean; address: string | null }) {
    return (
        <section aria-labelledby="feed" className="flex flex-col gap-2">
            <h2 id="feed">{copy.title}</h2>
            <p className="pencilled">{hasFeed ? copy.is : copy.isNot}</p>
            {address !== null && (
                <label className="flex flex-col gap-1">
                    {copy.address}
                    <input
                        readOnly
                        value={address}
                        className="min-h-9 w-full border-b border-edge bg-sheet px-2"
                        onFocus={(event) => {
                            event.currentTarget.select();
                        }}
                    />
                </label>
            )}
            <p className="flex flex-wrap gap-x-4 gap-y-2">
                <button
                    type="button"
                    className="act"
                    onClick={() => {
                        router.post(route('appointments.make-feed'), {}, { preserveScroll: true });
                    }}
                >
                    {hasFeed ? copy.again : copy.make}
                </button>
                {hasFeed && (
                    <button
                        type="button"
                        className="act-quiet"
                        onClick={() => {
                            router.delete(route('appointments.remove-feed'), { preserveScroll: true });
                        }}
                    >
                        {copy.remove}
                    </button>
                )}
            </p>
        </section>
    );
}
