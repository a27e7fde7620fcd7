import { text } from '@/lib/text';
import type { HoursFormat, ReviewProps } from '@/types/generated/props';
import { Paging } from '@/ui/Paging';
import { soon } from '@/ui/soon';
import { Fragment } from 'react';
import { deskAddress } from './address';
import type { ReviewDesk } from './useDesk';
import { WaitingSheet } from './WaitingSheet';

const WaitingExpenses = soon(async () => (await import('./WaitingExpenses')).WaitingExpenses);

interface DeskSheetsProps {
    review: ReviewProps;
    desk: ReviewDesk;
    format: HoursFormat;
}

/** The sheets of the group that is open, a few at a time. */
export function DeskSheets({ review, desk, format }: DeskSheetsProps) {
    const { sheets, sheetCount, sheetPage, sheetsAtOnce } = review;
    const pages = Math.ceil(sheetCount / sheetsAtOnce);
    const expensesShown = review.expenses.reduce((sum, { expenses }) => sum + expenses.length, 0);

    return (
        <div id="sheets" tabIndex={-1} className="flex min-w-0 flex-col gap-5 outline-none">
            {sheets.map((sheet, index) => (
                <Fragment key={sheet.key}>
                    <WaitingSheet
                        sheet={sheet}
                        index={index}
                        isHere={index === desk.at}
                        desk={desk}
                        phrases={review.phrases}
                        format={format}
                    />
                    {review.expenses
                        .filter(({ key }) => key === sheet.key)
                        .map((group) => (
                            <WaitingExpenses key={group.key} review={review} group={group} />
                        ))}
                </Fragment>
            ))}
            <Paging
                page={sheetPage}
                pages={pages}
                said={text.reviewPage.sheetsOf(sheets.length, sheetCount)}
                address={(other) => deskAddress({ ...review, sheets: other })}
            />
            {review.expenses
                .filter(({ key }) => sheets.every((sheet) => sheet.key !== key))
                .map((group) => (
                    <WaitingExpenses key={group.key} review={review} group={group} />
                ))}
            {review.expenseCount > expensesShown && <p className="text-faded">{text.reviewPage.oldestExpenses(expensesShown)}</p>}
        </div>
    );
}
