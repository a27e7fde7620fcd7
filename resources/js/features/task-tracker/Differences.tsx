import { wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { useShared } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { TrackedDifferenceProps } from '@/types/generated/props';
import { TableHead } from '@/ui/TableHead';
import { SideScroll } from '@/ui/SideScroll';

const copy = officeText.projectTrackerPage;

function why({ isPencilled, problem }: TrackedDifferenceProps): string {
    return problem === '' ? (isPencilled ? copy.pencilled : copy.toCome) : problem;
}

/** Time that is not the same on both sides, and why. */
export function Differences({ differences }: { differences: TrackedDifferenceProps[] }) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';

    return (
        <section aria-labelledby="differences">
            <h2 id="differences">{copy.differences}</h2>
            {differences.length === 0 ? (
                <p className="text-faded">{copy.noDifferences}</p>
            ) : (
                <SideScroll labelledBy="differences">
                    <table className="mt-2 w-full min-w-[36rem]">
                        <TableHead heads={[copy.day, copy.person, copy.task, copy.there, copy.here, copy.why]} />
                        <tbody>
                            {differences.map((one) => (
                                <tr key={one.id}>
                                    <th scope="row" className="border-b border-rule py-1 pe-4 font-normal whitespace-nowrap">
                                        {wholeDate(one.date)}
                                    </th>
                                    {[
                                        one.person,
                                        one.task,
                                        hoursWithUnit(one.there, format),
                                        hoursWithUnit(one.here, format),
                                        why(one),
                                    ].map((cell, place) => (
                                        <td key={place} className="border-b border-rule pe-4 [overflow-wrap:anywhere]">
                                            {cell}
                                        </td>
                                    ))}
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </SideScroll>
            )}
        </section>
    );
}
