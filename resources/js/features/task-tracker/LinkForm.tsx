import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { TrackerOfferProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { DateField } from '@/ui/DateField';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { useForm } from '@inertiajs/react';

const copy = officeText.projectTrackerPage;

interface OffersProps {
    project: string;
    /** Undefined while the task trackers are asked. */
    offers: TrackerOfferProps[] | undefined;
    monday: string;
}

/** What the project could be linked with, once the task trackers have answered. */
export function Offers({ project, offers, monday }: OffersProps) {
    if (offers === undefined) {
        return <p className="mt-4 text-faded">{copy.asking}</p>;
    }
    const options = offers.flatMap((offer) =>
        (offer.projects ?? []).map(
            ({ code, name }) => [`${String(offer.id)} ${code}`, `${name} (${code}, ${offer.name})`] as const,
        ),
    );

    return (
        <>
            {offers.length === 0 && <p className="mt-4">{copy.noTracker}</p>}
            {offers
                .filter((offer) => offer.projects === null)
                .map((offer) => (
                    <p key={offer.id} className="mt-4 text-brick">
                        {copy.noAnswer(offer.name)}
                    </p>
                ))}
            {options[0] !== undefined && <LinkForm project={project} options={options} first={options[0][0]} monday={monday} />}
        </>
    );
}

interface LinkFormProps {
    project: string;
    options: (readonly [string, string])[];
    first: string;
    monday: string;
}

/** Which project there it is, and from when. */
function LinkForm({ project, options, first, monday }: LinkFormProps) {
    const form = useForm({ chosen: first, from: monday, takesTasks: true });
    form.transform(({ chosen, ...others }) => {
        const [tracker = '', key = ''] = chosen.split(' ');

        return { ...others, tracker, key };
    });

    return (
        <form
            aria-label={copy.link}
            className="mt-4 flex flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('project.tracker.link', { project }));
            }}
        >
            <Select
                label={copy.project}
                options={options}
                value={form.data.chosen}
                className="w-80 max-w-full"
                onChoose={(chosen) => {
                    form.setData('chosen', chosen);
                }}
            />
            <DateField
                label={copy.from}
                required
                defaultValue={monday}
                onPick={(day) => {
                    form.setData('from', day);
                }}
            />
            <Checkbox
                label={copy.takesTasks}
                checked={form.data.takesTasks}
                onChange={(takesTasks) => {
                    form.setData('takesTasks', takesTasks);
                }}
            />
            <button type="submit" disabled={form.processing} className="act">
                {copy.link}
            </button>
            <div className="w-full">
                <FieldError />
            </div>
        </form>
    );
}
