import { route } from '@/lib/route';

/** Where accounts are listed: those found by words, of a state, on a page. */
export function accountsAddress(search: string, state: string, page = 1): string {
    return route('office.accounts', {}, { search: search || null, state: state || null, page: page === 1 ? null : page });
}
