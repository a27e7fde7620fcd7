<?php

declare(strict_types=1);

namespace Tests\App\Api;

use App\Api\OpenApi\Document;
use App\Models\AccessRight;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\HttpFoundation\Response;

/** Asks as a program with a token does, and holds every answer against the document. */
trait AsksWithToken
{
    /** @var array<string, string> tokens by person and rights */
    private array $tokens = [];

    /** @var array<string, mixed>|null which is the same for each answer */
    private ?array $document = null;

    /** @var array<string, object> by their names; the validator knows one again that it has read */
    private array $schemas = [];

    private ?Validator $validator = null;

    /**
     * @param  array<string, mixed>  $body
     * @param  array<string, string>  $headers
     * @param  list<AccessRight>|null  $rights  null for all
     * @return TestResponse<Response>
     */
    private function ask(string $person, string $method, string $address, array $body = [], array $headers = [], ?array $rights = null): TestResponse
    {
        $abilities = array_map(static fn (AccessRight $right): string => $right->value, $rights ?? AccessRight::cases());
        $token = $this->tokens[$person.implode($abilities)] ??= $this->person($person)->createToken('Test', $abilities, now()->addDay())->plainTextToken;
        // Each request of a program is signed in anew.
        $this->app->make('auth')->forgetGuards();
        $answer = $this->json($method, '/api/v1'.$address, $body, ['Authorization' => 'Bearer '.$token] + $headers);
        $this->answersAsDescribed($method, $address, $answer);

        return $answer;
    }

    /** @param  TestResponse<Response>  $answer */
    private function answersAsDescribed(string $method, string $address, TestResponse $answer): void
    {
        $document = $this->document ??= $this->app->make(Document::class)->toArray();
        $path = explode('?', $address)[0];
        foreach (array_keys((array) $document['paths']) as $described) {
            if (preg_match('#^'.preg_replace('#\\\\\{\w+\\\\\}#', '[^/]+', preg_quote((string) $described, '#')).'$#', $path) !== 1) {
                continue;
            }
            $response = data_get($document, ['paths', $described, strtolower($method), 'responses', $answer->getStatusCode()]);
            self::assertIsArray($response, "$method $address answers {$answer->getStatusCode()}, which the document does not know");
            $content = $response['content'] ?? null;
            if ($content === null) {
                self::assertSame('', (string) $answer->getContent());

                return;
            }
            self::assertSame([explode(';', (string) $answer->headers->get('Content-Type'))[0]], array_keys((array) $content));
            if (! str_contains((string) array_key_first((array) $content), 'json')) {
                return;
            }
            $name = array_values((array) data_get($content, '*.schema.$ref'))[0] ?? '';
            assert(is_string($name));
            $this->schemas[$name] ??= (object) json_decode(json_encode(['$ref' => $name, 'components' => $document['components']], JSON_THROW_ON_ERROR), false, 512, JSON_THROW_ON_ERROR);
            $error = ($this->validator ??= new Validator)->validate(json_decode((string) $answer->getContent(), false, 512, JSON_THROW_ON_ERROR), $this->schemas[$name])->error();
            self::assertTrue($error === null, $error === null ? '' : "$method $address: ".json_encode((new ErrorFormatter)->format($error)));

            return;
        }
        self::fail("$method $address is not in the document");
    }
}
