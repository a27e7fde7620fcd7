import { routes, type RouteName } from '@/types/generated/routes';

/** The names in braces of an address. */
type NamesIn<Address extends string> = Address extends `${string}{${infer Name}}${infer Rest}` ? Name | NamesIn<Rest> : never;

/** Routes whose address is the same for everything. */
export type PlainRoute = { [Name in RouteName]: [NamesIn<(typeof routes)[Name]>] extends [never] ? Name : never }[RouteName];

type Parameters<Name extends RouteName> = Readonly<Record<NamesIn<(typeof routes)[Name]>, string | number>>;

/** What an address asks; what is null or undefined is left out. */
export type Query = Readonly<Record<string, string | number | null | undefined>>;

function withQuery(address: string, query: Query): string {
    const given = Object.entries(query).flatMap(([name, value]) => (value == null ? [] : [[name, String(value)]]));
    const text = new URLSearchParams(given).toString();

    return text === '' ? address : `${address}?${text}`;
}

/** What every address of a route begins with, as far as it is the same. */
export function routePrefix(name: RouteName): string {
    return routes[name].replace(/\{.*$/, '');
}

/** The address of a route by its name: `route('project.plan', { project: 'LENS' }, { compare: 'baseline' })`. */
export function route<Name extends RouteName>(
    name: Name,
    ...[parameters, query = {}]: [NamesIn<(typeof routes)[Name]>] extends [never]
        ? [parameters?: Record<string, never>, query?: Query]
        : [parameters: Parameters<Name>, query?: Query]
): string {
    const values: Readonly<Record<string, string | number>> = parameters ?? {};
    const address = routes[name].replaceAll(/\{(\w+)\}/g, (_, part: string) => encodeURIComponent(values[part] ?? ''));

    return withQuery(address, query);
}
