<?php

declare(strict_types=1);

namespace App\Api\OpenApi;

use App\Api\Input\DescribesBody;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use ReflectionMethod;
use ReflectionNamedType;
use UnexpectedValueException;

/** The OpenAPI document of what programs can ask, made of the routes and of the code behind them. */
final readonly class Document
{
    public const VERSION = '1.0.0';

    private const PARAMETERS = [
        'person' => ['type' => 'string', 'description' => 'Code of a person.'],
        'days' => ['type' => 'string', 'description' => 'A week `2026-W25`, a month `2026-06`, or a first and a last day `2026-06-01--2026-06-15`.'],
        'entry' => ['type' => 'integer', 'description' => 'Number of an entry.'],
        'project' => ['type' => 'string', 'description' => 'Code of a project.'],
        'client' => ['type' => 'string', 'description' => 'Code of a client.'],
        'taskCode' => ['type' => 'string', 'description' => 'Code of a task within the project.'],
        'correction' => ['type' => 'integer', 'description' => 'Number of a correction.'],
        'transfer' => ['type' => 'integer', 'description' => 'Number of an import or export.'],
    ];

    private const STATUSES = [400 => 'It cannot be read.', 401 => 'There is no token, or it has ended.', 403 => 'The token or the person does not have the right.', 404 => 'There is no such thing.', 409 => 'The first request under the key is still being worked on.', 412 => 'It has changed since it was seen.', 422 => 'Something in it is wrong, or it was refused.', 428 => 'It must say which version was seen.', 429 => 'Too many requests; `Retry-After` says when.'];

    public function __construct(private Router $router)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $schemas = new Schemas;
        $paths = [];
        foreach ($this->router->getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/v1/') && $route->getName() !== 'api.document') {
                $method = strtolower($route->methods()[0]);
                $paths['/'.substr($route->uri(), strlen('api/v1/'))][$method] = $this->operation($route, $method, $schemas);
            }
        }
        ksort($paths);

        return [
            'openapi' => '3.1.0',
            'info' => ['title' => 'Moss Week', 'version' => self::VERSION, 'description' => 'What the pages do, for programs with a token of your account.'],
            'servers' => [['url' => '/api/v1']],
            'security' => [['token' => []]],
            'paths' => $paths,
            'components' => [
                'securitySchemes' => ['token' => ['type' => 'http', 'scheme' => 'bearer']],
                'schemas' => $schemas->all() + ['Problem' => self::problem()],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function operation(Route $route, string $verb, Schemas $schemas): array
    {
        [$class, $method] = explode('@', $route->getActionName());
        $reflection = new ReflectionMethod($class, $method);
        $described = ($reflection->getAttributes(Describes::class)[0] ?? throw new UnexpectedValueException($route->uri().' is not described'))->newInstance();
        $input = self::input($reflection);
        $operation = [
            'operationId' => str_replace(['api.', '.', '-'], ['', '_', '_'], (string) $route->getName()),
            'summary' => $described->summary,
            'description' => 'Needs the right `'.self::right($route).'`.',
            'parameters' => [...self::inPath($route), ...($verb === 'get' ? self::inQuery($input) : []), ...self::inHeaders($verb, $described)],
            'responses' => self::responses($described, $schemas, $verb),
        ];

        return $verb === 'get' || $input === null ? $operation : $operation + ['requestBody' => ['required' => $input::required() !== [], 'content' => ['application/json' => ['schema' => [
            'type' => 'object', 'required' => $input::required(), 'properties' => $input::fields(),
        ]]]]];
    }

    /** @return class-string<DescribesBody>|null */
    private static function input(ReflectionMethod $method): ?string
    {
        foreach ($method->getParameters() as $parameter) {
            $type = $parameter->getType();
            if ($type instanceof ReflectionNamedType && is_a($type->getName(), DescribesBody::class, true)) {
                return $type->getName();
            }
        }

        return null;
    }

    private static function right(Route $route): string
    {
        foreach ($route->gatherMiddleware() as $middleware) {
            if (is_string($middleware) && preg_match('/RequireRight:(\w+)$/', $middleware, $found) === 1) {
                return $found[1];
            }
        }

        throw new UnexpectedValueException($route->uri().' needs no right');
    }

    /** @return list<array<string, mixed>> */
    private static function inPath(Route $route): array
    {
        $parameters = [];
        foreach ($route->parameterNames() as $name) {
            $known = is_string($name) ? self::PARAMETERS[$name] ?? null : null;
            $parameters[] = ['name' => $name, 'in' => 'path', 'required' => true, 'description' => $known['description'] ?? throw new UnexpectedValueException($route->uri().' has a parameter that is not described'), 'schema' => ['type' => $known['type']]];
        }

        return $parameters;
    }

    /**
     * @param  class-string<DescribesBody>|null  $input
     * @return list<array<string, mixed>>
     */
    private static function inQuery(?string $input): array
    {
        $fields = $input === null ? [] : $input::fields();

        return array_map(static fn (string $name, array $schema): array => ['name' => $name, 'in' => 'query', 'required' => false, 'schema' => $schema], array_keys($fields), array_values($fields));
    }

    /** @return list<array<string, mixed>> */
    private static function inHeaders(string $verb, Describes $described): array
    {
        $headers = $verb === 'get'
            ? ['If-None-Match' => 'The ETag of what is known; 304 where it has not changed.']
            : ['Idempotency-Key' => 'Under which the request may be repeated for a day, and is done once.'];
        if (in_array(412, $described->problems, true)) {
            $headers['If-Match'] = 'The version that was seen, as the ETag has it.';
        }

        return array_map(static fn (string $name, string $meaning): array => [
            'name' => $name, 'in' => 'header', 'required' => $name === 'If-Match', 'description' => $meaning, 'schema' => ['type' => 'string'],
        ], array_keys($headers), array_values($headers));
    }

    /** @return array<int, array<string, mixed>> by status */
    private static function responses(Describes $described, Schemas $schemas, string $verb): array
    {
        $responses = $described->answer === null
            ? ($described->media === '' ? [204 => ['description' => 'Done.']] : [200 => ['description' => 'Done.', 'content' => [$described->media => (object) []]]])
            : [200 => ['description' => 'Done.', 'content' => ['application/json' => ['schema' => $schemas->of($described->answer)]]]];
        if ($verb === 'get') {
            $responses[304] = ['description' => 'Not changed.'];
        }
        $problems = array_unique([401, 403, 404, 422, 429, ...($verb === 'get' ? [] : [400, 409]), ...$described->problems]);
        sort($problems);
        foreach ($problems as $status) {
            $responses[$status] = ['description' => self::STATUSES[$status], 'content' => ['application/problem+json' => ['schema' => ['$ref' => '#/components/schemas/Problem']]]];
        }

        return $responses;
    }

    /** @return array<string, mixed> of RFC 9457 */
    private static function problem(): array
    {
        return ['type' => 'object', 'description' => 'What is wrong, as RFC 9457 has it.', 'required' => ['type', 'title', 'status', 'detail'], 'properties' => [
            'type' => ['type' => 'string'],
            'title' => ['type' => 'string'],
            'status' => ['type' => 'integer'],
            'detail' => ['type' => 'string', 'description' => 'For people: what is wrong, and what to do.'],
            'errors' => ['type' => 'array', 'description' => 'What is wrong with single fields.', 'items' => ['type' => 'object', 'required' => ['pointer', 'detail'], 'properties' => ['pointer' => ['type' => 'string'], 'detail' => ['type' => 'string']]]],
        ]];
    }
}
