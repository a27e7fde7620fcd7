import { expect, it } from 'vitest';
import { route, routePrefix } from './route';

it('makes addresses of the names of routes', () => {
    expect(route('review')).toBe('/review');
    expect(route('week.of', { person: 'ada', week: '2026-W25' })).toBe('/people/ada/week/2026-W25');
    expect(route('project', { project: 'A/B?' })).toBe('/projects/A%2FB%3F');
});

it('knows what the addresses of a route begin with', () => {
    expect(routePrefix('week.of')).toBe('/people/');
    expect(routePrefix('review')).toBe('/review');
});

it('asks what is given, and leaves out what is not', () => {
    expect(route('office.rates', {}, { search: 'a&b ü', page: 2, sort: null })).toBe('/office/rates?search=a%26b+%C3%BC&page=2');
    expect(route('project', { project: 'LENS' }, { phase: '', task: undefined })).toBe('/projects/LENS?phase=');
});
