/** What is said beside the document of the API. */
export const apiText = {
    apiReference: {
        title: 'API',
        finding: (operations: number) => `${String(operations)} things that a program of yours can ask.`,
        begin: (address: string) =>
            `Everything is asked under ${address}, in JSON, with the header “Authorization: Bearer” and a token of your account. It may do what you may do, as far as the token has the right.`,
        repeat: 'A request that changes something may carry an Idempotency-Key: repeated within a day it is done once, and gets the same answer.',
        versions:
            'What is read has an ETag; asked again with If-None-Match, it is answered with 304 while nothing has changed. An entry is changed with If-Match, so that nobody’s change is lost.',
        limits: 'The headers X-RateLimit-Limit and X-RateLimit-Remaining say how much more may be asked in a minute. What is wrong is said as problem details of RFC 9457, in a sentence.',
        document: 'OpenAPI document',
        objects: 'What is answered',
        name: 'Name',
        type: 'Type',
        meaning: 'Meaning',
        required: 'required',
        body: 'Body',
        bodyOf: (method: string, path: string) => `Body of ${method} ${path}`,
        parametersOf: (method: string, path: string) => `Parameters of ${method} ${path}`,
        answers: (name: string) => `Answers with ${name}.`,
        answersNothing: 'Answers with nothing.',
    },
};
