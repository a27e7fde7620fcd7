import { route } from '@/lib/route';
import { OfficeShell } from '@/features/office';
import { monthOf, wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printMoney } from '@/lib/money';
import { useHoursFormat } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { RateProps, RatesProps } from '@/types/generated/props';
import { Paging } from '@/ui/Paging';
import { SideScroll } from '@/ui/SideScroll';
import { SearchBox } from '@/ui/SearchBox';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { BillValueChoice } from './BillValueChoice';
import { CostReaders } from './CostReaders';
import { RateForm } from './RateForm';

const copy = officeText.ratesPage;

/** What an hour costs and is billed at, of whom, from when; and for whom that is not known. */
export function RatesPage({ rates }: { rates: RatesProps }) {
    const format = useHoursFormat();
    const [chosen, setChosen] = useState<RateProps | null>(null);
    const address = (page: number) => route('office.rates', {}, { search: rates.search, page });

    return (
        <OfficeShell
            title={copy.name}
            finding={
                !rates.hasAny ? copy.nothing : rates.unrated.length === 0 ? copy.complete : copy.missing(rates.unrated.length)
            }
        >
            <p className="mt-1 max-w-prose text-faded">{rates.hasAny ? copy.explained : copy.nothingNext}</p>
            {rates.unrated.length > 0 && (
                <ul aria-label={copy.missing(rates.unrated.length)} className="mt-2">
                    {rates.unrated.map((one) => (
                        <li key={`${one.person} ${one.role ?? ''}`} className="border-s-2 border-ochre py-0.5 ps-3">
                            {copy.unrated(one.person, one.role, hoursWithUnit(one.minutes, format), monthOf(`${one.since}-01`))}
                        </li>
                    ))}
                </ul>
            )}
            <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
                <div className="lg:order-2">
                    <RateForm
                        key={`${chosen?.id ?? ''} ${rates.count}`}
                        rates={rates}
                        from={chosen}
                        onDone={() => {
                            setChosen(null);
                        }}
                    />
                    <CostReaders readers={rates.readers} />
                    <BillValueChoice showsBillValue={rates.showsBillValue} />
                </div>
                {rates.hasAny && (
                    <div>
                        <SearchBox
                            label={copy.search}
                            value={rates.search}
                            address={(search) => route('office.rates', {}, { search })}
                        />
                        <RateRows rates={rates} onChoose={setChosen} />
                        <Paging page={rates.page} pages={rates.pages} address={address} className="mt-2" />
                    </div>
                )}
            </div>
        </OfficeShell>
    );
}

function RateRows({ rates, onChoose }: { rates: RatesProps; onChoose: (rate: RateProps) => void }) {
    if (rates.rates.length === 0) {
        return <p className="mt-2">{copy.notFound}</p>;
    }

    return (
        <SideScroll onlyNarrow label={copy.name}>
            <table className="sticky-head mt-2 w-full">
                <thead className="text-faded">
                    <tr>
                        <th scope="col">{copy.whose}</th>
                        <th scope="col">{copy.since}</th>
                        <th scope="col" className="text-end">
                            {copy.cost(rates.currency)}
                        </th>
                        <th scope="col" className="text-end">
                            {copy.bill(rates.currency)}
                        </th>
                        <th scope="col" className="ps-6">
                            <span className="sr-only">{copy.acts}</span>
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {rates.rates.map((rate) => {
                        const whose = [rate.person, rate.role].filter((part) => part !== null).join(', ');
                        const since = wholeDate(rate.from);

                        return (
                            <tr
                                key={rate.id}
                                className={rate.isInForce ? 'border-t border-rule' : 'border-t border-rule text-faded'}
                            >
                                <th scope="row" className="py-1">
                                    {whose} {rate.isInForce && <span className="pencilled ms-2">{copy.inForce}</span>}
                                </th>
                                <td className="whitespace-nowrap">{since}</td>
                                <td className="text-end">{printMoney(rate.cost, '')}</td>
                                <td className="text-end">{rate.bill === null ? '' : printMoney(rate.bill, '')}</td>
                                <td className="ps-6 text-end whitespace-nowrap">
                                    <button
                                        type="button"
                                        className="act-quiet"
                                        aria-label={copy.changeOf(whose, since)}
                                        onClick={() => {
                                            onChoose(rate);
                                        }}
                                    >
                                        {copy.change}
                                    </button>{' '}
                                    <button
                                        type="button"
                                        className="act-quiet ms-3"
                                        aria-label={copy.removeOf(whose, since)}
                                        onClick={() => {
                                            router.delete(route('office.rates.take-away', { rate: rate.id }), {
                                                preserveScroll: true,
                                                preserveState: true,
                                            });
                                        }}
                                    >
                                        {copy.remove}
                                    </button>
                                </td>
                            </tr>
                        );
                    })}
                </tbody>
            </table>
        </SideScroll>
    );
}
