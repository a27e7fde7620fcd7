import { expect, type APIRequestContext } from '@playwright/test';
import type { operations } from './generated/api';

type Named = keyof operations;

type Answer<Id extends Named> = operations[Id]['responses'] extends { 200: { content: { 'application/json': infer Body } } }
    ? Body
    : null;

type Body<Id extends Named> = operations[Id] extends { requestBody?: infer Given }
    ? NonNullable<Given> extends { content: { 'application/json': infer Fields } }
        ? Fields
        : undefined
    : undefined;

/** A program with a token, whose every request and answer has the types that are generated from the OpenAPI document. */
export class ApiClient {
    constructor(
        private readonly request: APIRequestContext,
        private readonly token: string,
    ) {}

    me() {
        return this.ask<'me'>('GET', '/me');
    }

    assignments(from: string, to: string) {
        return this.ask<'assignments'>('GET', `/assignments?from=${from}&to=${to}`);
    }

    entries(from: string, to: string) {
        return this.ask<'entries'>('GET', `/entries?from=${from}&to=${to}`);
    }

    save(person: string, body: Body<'entries_save'>, key: string) {
        return this.ask<'entries_save'>('PUT', `/people/${person}/entries`, body, { 'Idempotency-Key': key });
    }

    summary(person: string, days: string) {
        return this.ask<'submission'>('GET', `/people/${person}/days/${days}/submission`);
    }

    submit(person: string, days: string, body: Body<'submission_submit'> = {}) {
        return this.ask<'submission_submit'>('POST', `/people/${person}/days/${days}/submission`, body);
    }

    takeBack(person: string, days: string) {
        return this.ask<'submission_take_back'>('DELETE', `/people/${person}/days/${days}/submission`);
    }

    private async ask<Id extends Named>(
        method: string,
        path: string,
        data?: object,
        headers: Record<string, string> = {},
    ): Promise<Answer<Id>> {
        const answer = await this.request.fetch(`/api/v1${path}`, {
            method,
            headers: { Authorization: `Bearer ${this.token}`, ...headers },
            ...(data === undefined ? {} : { data }),
        });
        expect(answer.status(), `${method} ${path}: ${await answer.text()}`).toBe(200);

        return (await answer.json()) as Answer<Id>;
    }
}
