import type { ExpenseProps } from '@/types/generated/props';
import { officeText } from './officeText';

const copy = officeText.expensesPage;

/** What an expense is besides its day, category and amount, in words. */
export function expenseDetails(expense: ExpenseProps): string[] {
    return [
        expense.corrects !== null && !expense.reverses ? copy.correction : null,
        expense.distance === '' ? null : copy.distance(expense.distance, expense.mileageRate),
        expense.from === '' && expense.to === '' ? null : copy.fromTo(expense.from, expense.to),
        expense.isOwnMoney ? null : copy.companyMoney,
        expense.isCharged ? copy.charged : null,
    ].filter((one) => one !== null);
}
